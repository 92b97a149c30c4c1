using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Sheets that a plan offers.</summary>
internal static class OfferedSupplies
{
    /// <summary>Those that the catalogue offers, and what is in use, also when it is nobody's advice.</summary>
    /// <param name="known">The catalogue's, in its order.</param>
    /// <param name="used">What is in use.</param>
    public static IReadOnlyList<OptionChoice> Choices(IEnumerable<Supply> known, Supply used)
    {
        List<OptionChoice> offered = [.. known.Where(s => s.OfferedAs is not null).Select(s => new OptionChoice(s.Id, s.OfferedAs!))];
        return offered.Exists(o => o.Id == used.Id) ? offered : [.. offered, new(used.Id, used.Name.ToLowerInvariant())];
    }
}
