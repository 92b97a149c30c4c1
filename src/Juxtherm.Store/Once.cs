using Juxtherm.Core.Notices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Others changed the same thing again and again just now. Nothing was saved; trying again helps.</summary>
/// <param name="inner">What lay behind it.</param>
public sealed class BusyException(Exception inner) : SaidException(new Phrase("busy.others"), inner);

/// <summary>Lets something happen that must happen whole and once; where two happen at once the later looks again.</summary>
internal static class Once
{
    private const int Constraint = 19;
    private const int Tries = 12;
    private const int PauseMilliseconds = 15;

    /// <summary>Does it.</summary>
    /// <param name="contexts">Reaches the database.</param>
    /// <param name="work">Looks and changes; what it changed is saved together. It may be done several times.</param>
    /// <param name="cancel">Gives up.</param>
    /// <exception cref="BusyException">Somebody else was always first.</exception>
    public static async Task<T> DoAsync<T>(IDbContextFactory<WorkshopContext> contexts, Func<WorkshopContext, Task<T>> work,
        CancellationToken cancel)
    {
        for (var tries = 1; ; tries++)
        {
            await using var db = await contexts.CreateDbContextAsync(cancel);
            try
            {
                var done = await work(db);
                await db.SaveChangesAsync(cancel);
                return done;
            }
            catch (DbUpdateException e) when (e is DbUpdateConcurrencyException
                || e.InnerException is SqliteException { SqliteErrorCode: Constraint })
            {
                // Somebody else was first; what they did is seen on the next try.
                if (tries == Tries)
                    throw new BusyException(e);
            }

            await Task.Delay(Random.Shared.Next(PauseMilliseconds * tries), cancel);
        }
    }
}
