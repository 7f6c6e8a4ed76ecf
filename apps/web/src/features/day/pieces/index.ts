export { type LinesOfPiece, pieceListQuery, usePieceOfLines } from './pieces.queries.ts';
