import Alpine from '../alpine.js';
import { chart } from '../components/chart.js';
import { proof } from '../components/proof.js';
import { sift } from '../components/sift.js';

Alpine.data('chart', chart);
Alpine.data('proof', proof);
Alpine.data('sift', sift);
