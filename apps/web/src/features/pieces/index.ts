export { pieceListQuery, usePieceOfLines } from './pieces.queries.ts';
