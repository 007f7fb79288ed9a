export { withBitmaps } from '../../api/bitmaps';
export { ScenePainter } from './scenePainter';
