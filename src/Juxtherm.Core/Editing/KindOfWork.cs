using Juxtherm.Core.Artwork.Work;

namespace Juxtherm.Core.Editing;

/// <summary>A kind of work on layers.</summary>
/// <param name="Id">Its id.</param>
/// <param name="LeastMm">Least length that it takes, mm; null when it takes none.</param>
/// <param name="MostMm">Most.</param>
/// <param name="UsualMm">Usual.</param>
/// <param name="Needs">What it is done on.</param>
public sealed record KindOfWork(string Id, double? LeastMm, double? MostMm, double? UsualMm, WorkNeeds Needs);
