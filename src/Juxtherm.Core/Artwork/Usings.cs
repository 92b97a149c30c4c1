// Any ground on a plane; the library's own name for it is taken by a room of this house.
global using Ground = NetTopologySuite.Geometries.Geometry;
