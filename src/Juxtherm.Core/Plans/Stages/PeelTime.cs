using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>When the peel may begin and should be done, and where the piece cools until then.</summary>
/// <param name="Method">Which peel.</param>
/// <param name="FromSeconds">s after opening.</param>
/// <param name="ToSeconds">s after opening; null where there is no end.</param>
/// <param name="Place">Where.</param>
internal sealed record PeelTime(PeelMethod Method, double FromSeconds, double? ToSeconds, CoolingPlace Place);
