import Alpine from '../alpine.js';
import { reading } from '../components/reading.js';

Alpine.data('reading', reading);
