import Alpine from '../alpine.js';
import { day } from '../components/day.js';

Alpine.data('day', day);
