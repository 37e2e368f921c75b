import Alpine from '../alpine.js';
import { score } from '../components/score.js';

Alpine.data('score', score);
