using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store.Keeping;

/// <summary>Words that are called otherwise now, where rows of before still have them.</summary>
internal static class OldWords
{
    /// <summary>Each brings rows up to date; done twice it changes nothing.</summary>
    public static IReadOnlyList<string> Renewals { get; } =
    [
        """UPDATE "CutPresets" SET "Blade" = 'plain' WHERE "Blade" = 'everyday'""",
        """UPDATE "Cuts" SET "WayJson" = replace("WayJson", '"blade":"everyday"', '"blade":"plain"') WHERE "WayJson" LIKE '%everyday%'""",
        """UPDATE "Cuts" SET "RunJson" = replace("RunJson", '"blade":"everyday"', '"blade":"plain"') WHERE "RunJson" LIKE '%everyday%'""",
    ];

    /// <summary>Brings all rows up to date.</summary>
    /// <param name="context">The database.</param>
    /// <param name="cancel">Gives up.</param>
    public static async Task RenewAsync(WorkshopContext context, CancellationToken cancel)
    {
        foreach (var renewal in Renewals)
            await context.Database.ExecuteSqlRawAsync(renewal, cancel);
    }
}
