import Alpine from '../alpine.js';
import { joints } from '../components/joints.js';

Alpine.data('joints', joints);
