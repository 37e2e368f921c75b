import Alpine from '../alpine.js';
import { booth } from '../components/booth.js';

Alpine.data('booth', booth);
