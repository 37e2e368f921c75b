import Alpine from '../alpine.js';
import { register } from '../components/register.js';

Alpine.data('register', register);
