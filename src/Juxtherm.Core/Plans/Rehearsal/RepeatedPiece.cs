using Juxtherm.Core.Items;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>A piece as what was done left it.</summary>
/// <param name="Session">It in the model.</param>
/// <param name="NameIn">How a layer is called there.</param>
/// <param name="AsItOpened">Each layer's heat as the plate last opened, in reference seconds.</param>
/// <param name="Up">The face that lies up.</param>
internal sealed record RepeatedPiece(PressSession Session, Func<string, string> NameIn, IReadOnlyDictionary<string, double> AsItOpened,
    Face Up);
