using Juxtherm.App.Helpers;

namespace Juxtherm.Testing;

/// <summary>
/// Who may what, written by hand from what the roles are meant for: whoever looks sees jobs, runs, stock and the day and has things
/// worked out; whoever presses also works at the bench, the cutter and the day and writes in the logbook; the owner also changes, buys,
/// prices, keeps and takes in; letting devices in is done at the machine alone.
/// </summary>
internal static class RoleTable
{
    private const string Anyone = """
        GET /pair
        GET /pair.css
        GET /pair.svg
        POST /pair
        """;

    private const string Look = """
        GET /api/access
        GET /api/blanks
        GET /api/buying
        GET /api/care
        GET /api/care/symbols/{symbol}.svg
        GET /api/catalogue
        GET /api/cut-plans/{id}
        GET /api/cut-plans/{id}/file.{format}
        GET /api/cuts/{id:guid}
        GET /api/cuts/{id:guid}/file.{format}
        GET /api/cuts/{id:guid}/weeding.pdf
        GET /api/day
        GET /api/day.ics
        GET /api/day.pdf
        GET /api/fonts
        GET /api/jobs
        GET /api/jobs/{id:guid}
        GET /api/jobs/{id:guid}/artwork.{format}
        GET /api/jobs/{id:guid}/care.pdf
        GET /api/jobs/{id:guid}/cuts
        GET /api/jobs/{id:guid}/file
        GET /api/jobs/{id:guid}/guide.{format}
        GET /api/jobs/{id:guid}/learned
        GET /api/jobs/{id:guid}/proof.png
        GET /api/jobs/{id:guid}/ticket.pdf
        GET /api/learned
        GET /api/log
        GET /api/log/choices
        GET /api/log/marks
        GET /api/log/{id:long}
        GET /api/placement/square
        GET /api/placement/to-measure
        GET /api/practice
        GET /api/practice/{id}
        GET /api/runs
        GET /api/runs/{id:guid}
        GET /api/runs/{id:guid}/care.pdf
        GET /api/runs/{id:guid}/dates.ics
        GET /api/runs/{id:guid}/live
        GET /api/runs/{id:guid}/picture.svg
        GET /api/runs/{id:guid}/pieces/{piece:int}/advice
        GET /api/runs/{id:guid}/pieces/{piece:int}/trace
        GET /api/runs/{id:guid}/trace
        GET /api/shelf
        GET /api/stock
        GET /api/stock/colours
        GET /api/stock/{id}/label.pdf
        GET /health/live
        GET /health/ready
        GET /openapi/{documentName}.json
        GET /schemas/job.json
        GET /api/artwork/bring-in/{id:guid}
        DELETE /api/artwork/bring-in/{id:guid}
        POST /api/artwork
        POST /api/artwork/bring-in
        POST /api/artwork/look
        POST /api/artwork/names
        POST /api/artwork/picture
        POST /api/artwork/proof
        POST /api/artwork/words
        POST /api/artwork/work
        POST /api/care/advice
        POST /api/catalogue
        POST /api/cut-plans
        POST /api/cut-plans/{id}/stop
        POST /api/day/plan
        POST /api/day/what-if
        POST /api/lifted
        POST /api/placement
        POST /api/placement/grade
        POST /api/placement/letters
        POST /api/plans/alternatives
        POST /api/plans/learned
        POST /api/plans/patches
        POST /api/plans/preview
        POST /api/plans/ticket
        POST /api/plans/trace
        POST /api/plans/vinyl
        POST /api/plans/window
        POST /api/practice/{id}/look
        POST /api/practice/{id}/ways
        """;

    private const string Press = """
        GET /api/log/photos/{photo:guid}
        GET /api/log/photos/{photo:guid}/small
        PATCH /api/log/{id:long}
        POST /api/log/{id:long}/photos
        POST /api/log/{id:long}/washes
        POST /api/cuts/{id:guid}/actions
        POST /api/cuts/{id:guid}/trouble
        PUT /api/cuts/{id:guid}/weeded
        POST /api/day/events
        POST /api/jobs/{id:guid}/cuts
        POST /api/jobs/{id:guid}/runs
        POST /api/practice/{id}/judge
        POST /api/runs/{id:guid}/actions
        POST /api/runs/{id:guid}/pieces/{piece:int}/recut
        POST /api/runs/{id:guid}/stations
        POST /api/runs/{id:guid}/stations/{station:int}/press
        """;

    private const string Owner = """
        POST /api/blanks
        PUT /api/blanks/{id}
        DELETE /api/blanks/{id}
        POST /api/blanks/{id}/restore
        POST /api/cost
        DELETE /api/cut-presets/{vinyl}/{cutter}
        POST /api/cut-presets/test
        PUT /api/day
        DELETE /api/day
        POST /api/day/improve
        POST /api/day/improve/stop
        GET /api/exchange
        GET /api/exchange/file
        POST /api/exchange/look
        POST /api/exchange/take
        GET /api/exchange/take/{id:guid}
        DELETE /api/exchange/{id:guid}
        POST /api/fonts
        DELETE /api/fonts/{id}
        POST /api/jobs
        POST /api/jobs/tour
        PUT /api/jobs/{id:guid}
        PATCH /api/jobs/{id:guid}
        DELETE /api/jobs/{id:guid}
        POST /api/jobs/{id:guid}/copy
        POST /api/jobs/{id:guid}/cost
        POST /api/jobs/{id:guid}/learned
        POST /api/jobs/{id:guid}/learned/keep
        POST /api/jobs/{id:guid}/quotes
        POST /api/jobs/{id:guid}/restore
        GET /api/keeping
        GET /api/keeping/archive
        POST /api/keeping/archive
        POST /api/keeping/backups
        GET /api/keeping/backups/{name}
        POST /api/keeping/backups/{name}/restore
        POST /api/keeping/names
        POST /api/keeping/names/archive
        POST /api/keeping/names/forget
        PUT /api/learned/patches/{id:long}
        POST /api/learned/readings
        DELETE /api/learned/readings/{id:long}
        PUT /api/learned/repairs/{heatSource}
        PUT /api/learned/switch
        GET /api/log/logbook.csv
        GET /api/log/logbook.json
        POST /api/log/read-in
        GET /api/log/read-in/{id:guid}
        DELETE /api/log/photos/{photo:guid}
        DELETE /api/log/{id:long}/washes/{wash:long}
        POST /api/log/{id:long}/again
        POST /api/log/{id:long}/as-used
        DELETE /api/practice/learners/{name}
        GET /api/prices
        PUT /api/prices
        GET /api/quotes
        GET /api/quotes/{id:guid}.pdf
        POST /api/quotes/{id:guid}/accept
        POST /api/quotes/{id:guid}/decline
        GET /api/runs/{id:guid}/cost
        POST /api/shelf/{kind}
        PUT /api/shelf/{id}
        DELETE /api/shelf/{id}
        POST /api/shelf/{id}/restore
        GET /api/stock.csv
        POST /api/stock
        POST /api/stock/table
        POST /api/stock/weight
        PUT /api/stock/colours
        PUT /api/stock/{id}
        DELETE /api/stock/{id}
        POST /api/stock/{id}/restore
        GET /api/supplies
        PUT /api/supplies
        GET /api/watch
        PUT /api/watch/copies
        POST /api/watch/trial
        """;

    private const string Machine = """
        GET /api/devices
        GET /api/devices/authority.crt
        POST /api/devices/pairing
        DELETE /api/devices/pairing
        DELETE /api/devices/{id:guid}
        """;

    /// <summary>Every operation: its method, its address with places to fill in, and the least role that may; null for nobody
    /// elsewhere.</summary>
    public static IReadOnlyList<RoleRow> Rows { get; } =
    [
        .. Read(Anyone, null, true), .. Read(Look, HelperRole.Look), .. Read(Press, HelperRole.Press), .. Read(Owner, HelperRole.Owner),
        .. Read(Machine, null),
    ];

    private static IEnumerable<RoleRow> Read(string rows, HelperRole? least, bool anyone = false) =>
        rows.Split('\n', StringSplitOptions.TrimEntries).Select(r => r.Split(' ')).Select(r => new RoleRow(r[0], r[1], least, anyone));
}

/// <summary>Who may use one operation.</summary>
/// <param name="Method">HTTP method.</param>
/// <param name="Route">Address with places to fill in.</param>
/// <param name="Least">The least role that may; null where no role decides.</param>
/// <param name="Anyone">Whether it is open to the whole network.</param>
internal sealed record RoleRow(string Method, string Route, HelperRole? Least, bool Anyone)
{
    /// <summary>An address that leads there.</summary>
    public string Path => string.Join('/', Route.Split('/').Select(Fill));

    /// <summary>What is sent there.</summary>
    public string ContentType => Route switch
    {
        "/api/artwork" => "image/svg+xml",
        "/api/artwork/picture" or "/api/exchange/look" or "/api/exchange/take" or "/api/fonts" or "/api/keeping/archive"
            or "/api/log/{id:long}/photos" => "application/octet-stream",
        _ => "application/json",
    };

    /// <summary>Whether a device may; nobody is a device that was not paired.</summary>
    public bool Allows(HelperRole? device) => Anyone || (Least, device) switch
    {
        (null, _) or (_, null) => false,
        (HelperRole.Look, _) or (_, HelperRole.Owner) => true,
        (HelperRole.Press, HelperRole.Press) => true,
        _ => false,
    };

    private static string Fill(string part) => part
        .Replace("{id:guid}", "0196b0a0-0000-7000-8000-000000000001", StringComparison.Ordinal)
        .Replace("{photo:guid}", "0196b0a0-0000-7000-8000-000000000001", StringComparison.Ordinal)
        .Replace("{id:long}", "7", StringComparison.Ordinal).Replace("{wash:long}", "7", StringComparison.Ordinal)
        .Replace("{piece:int}", "1", StringComparison.Ordinal).Replace("{station:int}", "1", StringComparison.Ordinal)
        .Replace("{format}", "svg", StringComparison.Ordinal).Replace("{documentName}", "juxtherm", StringComparison.Ordinal)
        .Replace("{kind}", "vinyl", StringComparison.Ordinal).Replace("{symbol}", "tub", StringComparison.Ordinal)
        .Replace("{", "a-", StringComparison.Ordinal).Replace("}", "", StringComparison.Ordinal);
}
