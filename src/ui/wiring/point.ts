import { createContext, use } from 'react';

/** Shows a thing on the drawing, or no more where it is shown: a terminal, a conductor, a move. */
type Point = (at: string) => void;

const PointContext = createContext<Point>(() => undefined);

export const PointProvider = PointContext;

/** How a part of the page shows something on the drawing. */
export const usePoint = (): Point => use(PointContext);
