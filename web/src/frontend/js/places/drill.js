import Alpine from '../alpine.js';
import { drill, exam } from '../components/drill.js';
import { dryRun } from '../components/dry-run.js';
import { setting } from '../components/setting.js';
import { steady } from '../components/steady.js';

Alpine.data('drill', drill);
Alpine.data('dryRun', dryRun);
Alpine.data('exam', exam);
Alpine.data('setting', setting);
Alpine.data('steady', steady);
