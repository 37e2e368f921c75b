import Alpine from '../alpine.js';
import { chart } from '../components/chart.js';
import { proof } from '../components/proof.js';

Alpine.data('chart', chart);
Alpine.data('proof', proof);
