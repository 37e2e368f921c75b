import Alpine from '../alpine.js';
import { rehearse } from '../components/rehearse.js';

Alpine.data('rehearse', rehearse);
