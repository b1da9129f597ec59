import { createContext, use } from 'react';

/** Highlights something on the drawing, or ends the highlight: a terminal, a conductor, a move. */
type Point = (at: string) => void;

const PointContext = createContext<Point>(() => undefined);

export const PointProvider = PointContext;

/** How a part of the page highlights something on the drawing. */
export const usePoint = (): Point => use(PointContext);
