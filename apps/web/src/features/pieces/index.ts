export { pieceListQuery } from './pieces.queries.ts';
