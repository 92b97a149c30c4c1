using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Devices;

namespace Juxtherm.App.Cutting;

/// <summary>A cut as it stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="JobId">The job that it was laid out from.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Status">open, cut, used or given-up.</param>
/// <param name="CreatedUtc">When it was begun.</param>
/// <param name="Cutter">Kind of cutter.</param>
/// <param name="Way">Its sheets.</param>
/// <param name="Mats">Its mats in order.</param>
/// <param name="Current">Number of the mat in hand; null when all are out.</param>
/// <param name="AsksForPreset">Its preset has to be checked before it is loaded.</param>
/// <param name="Device">What the cutter says while it holds the mat; null otherwise.</param>
/// <param name="Weeded">Keys of what is ticked off on the weeding sheet.</param>
/// <param name="Simulated">The cutter is the simulated one: it cuts nothing, and an own cutter takes the file.</param>
public sealed record CutAnswer(
    Guid Id, Guid JobId, string Title, string Status, DateTimeOffset CreatedUtc, string Cutter, CutLayout Way, IReadOnlyList<CutMat> Mats,
    int? Current, bool AsksForPreset, CutterStatus? Device, IReadOnlyList<string> Weeded, bool Simulated)
{
    /// <summary>A cut as it is answered.</summary>
    /// <param name="cut">As it is kept.</param>
    /// <param name="device">What the cutter says.</param>
    public static CutAnswer Of(OpenCut cut, CutterStatus? device)
    {
        ArgumentNullException.ThrowIfNull(cut);
        return new CutAnswer(
            cut.Row.Id, cut.Row.JobId, cut.Row.Title, cut.Row.Status, cut.Row.CreatedUtc, cut.Row.Cutter, cut.Way, cut.Run.Mats,
            cut.Run.Current?.Number, cut.Run.AsksForPreset, device,
            [.. cut.Row.Weeded.Select(w => w.Key).Order(StringComparer.Ordinal)], CutterBench.Simulated);
    }
}
