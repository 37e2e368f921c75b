import Alpine from '../alpine.js';
import { arrivals } from '../components/arrivals.js';

Alpine.data('arrivals', arrivals);
