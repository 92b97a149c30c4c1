using System.Collections.Concurrent;
using System.Net.Http.Json;
using System.Security.Cryptography;
using System.Text.Json.Nodes;

namespace Juxtherm.Testing;

/// <summary>What came of killing the service again and again: while it works, while it starts, and while a workshop takes another's
/// place.</summary>
/// <param name="AtWork">Killed while things were asked of it.</param>
/// <param name="InStart">Killed while it started.</param>
/// <param name="InExchange">Killed while a backup was put back or an archive taken in.</param>
/// <param name="Exchanged">Exchanges that had happened when it was killed.</param>
/// <param name="Acknowledged">Things that were acknowledged.</param>
/// <param name="Lost">Acknowledged things that were gone afterwards.</param>
/// <param name="Stuck">Starts afterwards that did not come to their end.</param>
/// <param name="Half">Workshops that were neither the old nor the new one.</param>
/// <param name="Doubled">Things that were there twice.</param>
/// <param name="Overwritten">Backups that were gone or changed.</param>
/// <param name="LeftAbout">Files of unfinished work that were still there.</param>
public sealed record KillReport(int AtWork, int InStart, int InExchange, int Exchanged, int Acknowledged, int Lost, int Stuck, int Half,
    int Doubled, int Overwritten, int LeftAbout)
{
    /// <summary>Nothing went wrong.</summary>
    public bool AllWell => Lost + Stuck + Half + Doubled + Overwritten + LeftAbout == 0;
}

/// <summary>Works with the real service, kills it without warning at random moments, and looks what is left.</summary>
/// <param name="dll">The service.</param>
/// <param name="folder">Its data.</param>
/// <param name="seed">For the moments.</param>
public sealed class Kills(string dll, string folder, int seed) : IDisposable
{
    private const int Workers = 2;

    private const int StartsInARow = 4;

    // On a machine that is not busy a start takes about two seconds, ms.
    private const int LongestStart = 2_200;
    private readonly Random _chance = new(seed);
    private readonly Service _service = new(dll, folder);

    // Labels of the vinyl that is on the shelf for sure, and of what may be: asked for, and never answered.
    private readonly ConcurrentDictionary<string, byte> _kept = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, byte> _perhaps = new(StringComparer.Ordinal);
    private readonly Dictionary<string, string> _backups = new(StringComparer.Ordinal);
    private int _label;
    private int _acknowledged;

    public void Dispose() => _service.Dispose();

    /// <summary>Kills it so many times, in turn at work, four times in the start after that, and in an exchange.</summary>
    public async Task<KillReport> RunAsync(int kills, CancellationToken cancel)
    {
        var report = new KillReport(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);
        if (!await _service.StartAsync(cancel))
            throw new InvalidOperationException("The service does not start: " + _service.Said);
        bool More() => report.AtWork + report.InStart + report.InExchange < kills;
        for (var turn = 0; More(); turn++)
        {
            HashSet<string>? other = null;
            var exchanged = false;
            if (turn % 2 == 0)
            {
                await WorkAsync(_chance.Next(60, 300), killed: true, cancel);
                report = report with { AtWork = report.AtWork + 1 };
                // And killed again on its way back, with something to bring up to date.
                for (var again = 0; again < StartsInARow && More(); again++)
                {
                    LastMigration.TakeBack(Path.Combine(folder, "workshop.db"));
                    _service.Begin();
                    await Task.Delay(_chance.Next(100, LongestStart), cancel);
                    _service.Kill();
                    report = report with { InStart = report.InStart + 1 };
                }
            }
            else
            {
                await WorkAsync(_chance.Next(60, 300), killed: false, cancel);
                (other, exchanged) = await ExchangeAsync(cancel);
                report = report with { InExchange = report.InExchange + 1 };
            }

            if (!await _service.StartAsync(cancel))
            {
                report = report with { Stuck = report.Stuck + 1 };
                _service.Kill();
                if (!await _service.StartAsync(cancel))
                    throw new InvalidOperationException($"The service does not start any more: {_service.Said}");
            }

            report = await LookAsync(report, other, exchanged, cancel);
        }

        return report with { Acknowledged = _acknowledged };
    }

    /// <summary>Puts vinyl on the shelf, as fast as it goes.</summary>
    private async Task WorkAsync(int milliseconds, bool killed, CancellationToken cancel)
    {
        var until = DateTimeOffset.UtcNow.AddMilliseconds(milliseconds);
        async Task OneAsync()
        {
            while (killed || DateTimeOffset.UtcNow < until)
            {
                var label = $"Roll {Interlocked.Increment(ref _label)}";
                _perhaps[label] = 0;
                try
                {
                    using var answer = await _service.Client.PostAsJsonAsync(
                        new Uri(_service.Address + "/api/stock"),
                        new JsonObject
                        {
                            ["commandId"] = Guid.NewGuid(),
                            ["kind"] = "roll",
                            ["vinyl"] = "smooth",
                            ["colour"] = "#112233",
                            ["label"] = label,
                            ["widthMm"] = 305,
                            ["lengthMm"] = 1000
                        }, cancel);
                    if (!answer.IsSuccessStatusCode)
                        throw new InvalidOperationException(await answer.Content.ReadAsStringAsync(cancel));
                }
                catch (HttpRequestException)
                {
                    return;
                }

                _kept[label] = 0;
                _perhaps.TryRemove(label, out _);
                Interlocked.Increment(ref _acknowledged);
            }
        }

        var work = Enumerable.Range(0, Workers).Select(_ => Task.Run(OneAsync, cancel)).ToList();
        if (killed)
        {
            await Task.Delay(milliseconds, cancel);
            _service.Kill();
        }

        await Task.WhenAll(work);
    }

    /// <summary>Lets a workshop take the place of this one, and kills the service meanwhile.</summary>
    /// <returns>What is on the shelf of the other one, and whether it was acknowledged.</returns>
    private async Task<(HashSet<string> Other, bool Exchanged)> ExchangeAsync(CancellationToken cancel)
    {
        // The other one is what is there now; a little is added before it comes back.
        HashSet<string> other = [.. _kept.Keys];
        HttpContent? body = null;
        string path;
        if (_chance.Next(2) == 0)
        {
            body = new ByteArrayContent(
                await _service.Client.GetByteArrayAsync(new Uri(_service.Address + "/api/keeping/archive"), cancel));
            body.Headers.Add("Content-Type", "application/octet-stream");
            path = "/api/keeping/archive";
        }
        else
        {
            using var made = await _service.Client.PostAsync(new Uri(_service.Address + "/api/keeping/backups"), null, cancel);
            var name = (string)JsonNode.Parse(await made.Content.ReadAsStringAsync(cancel))!["backups"]![0]!["name"]!;
            path = $"/api/keeping/backups/{name}/restore";
        }

        NoteBackups();
        await WorkAsync(40, killed: false, cancel);
        var exchange = Task.Run(async () =>
        {
            try
            {
                using var answer = await _service.Client.PostAsync(new Uri(_service.Address + path), body, cancel);
                return answer.IsSuccessStatusCode;
            }
            catch (HttpRequestException)
            {
                return false;
            }
        }, cancel);
        await Task.Delay(_chance.Next(5, 250), cancel);
        _service.Kill();
        var done = await exchange;
        body?.Dispose();
        return (other, done);
    }

    private async Task<KillReport> LookAsync(KillReport report, HashSet<string>? other, bool exchanged, CancellationToken cancel)
    {
        // What goes over into the other's place is known by a change of its own.
        var labels = JsonNode.Parse(await _service.Client.GetStringAsync(new Uri(_service.Address + "/api/stock"), cancel))!.AsArray()
            .Select(s => (string)s!["label"]!).ToList();
        var now = labels.ToHashSet(StringComparer.Ordinal);
        var isOther = other is not null && now.SetEquals(other) && !_kept.Keys.All(now.Contains);
        if (isOther)
            report = report with { Exchanged = report.Exchanged + 1 };
        var lost = isOther ? 0 : _kept.Keys.Count(k => !now.Contains(k));
        // Acknowledged as exchanged, and neither the other nor the same as before; or some of each.
        var half = exchanged && !isOther && !_kept.Keys.All(other!.Contains) ? 1 : 0;
        var strange = now.Count(l => !_kept.ContainsKey(l) && !_perhaps.ContainsKey(l));
        report = report with
        {
            Lost = report.Lost + lost,
            Half = report.Half + half + (strange > 0 ? 1 : 0),
            Doubled = report.Doubled + labels.Count - now.Count,
            LeftAbout = report.LeftAbout + Directory.GetFiles(folder, "incoming-*").Length + Directory.GetFiles(folder, "*.new").Length
            + Parts(),
            Overwritten = report.Overwritten + Overwritten(),
        };
        _kept.Clear();
        _perhaps.Clear();
        foreach (var label in now)
            _kept[label] = 0;
        NoteBackups();
        return report;
    }

    private string BackupFolder => Path.Combine(folder, "backups");

    private int Parts() => Directory.Exists(BackupFolder) ? Directory.GetFiles(BackupFolder, "*.part*").Length : 0;

    private void NoteBackups()
    {
        if (!Directory.Exists(BackupFolder))
            return;
        foreach (var path in Directory.GetFiles(BackupFolder, "*.db"))
            _backups.TryAdd(Path.GetFileName(path), Hash(path));
    }

    private int Overwritten() =>
        _backups.Count(b => !File.Exists(Path.Combine(BackupFolder, b.Key)) || Hash(Path.Combine(BackupFolder, b.Key)) != b.Value);

    private static string Hash(string path)
    {
        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        return Convert.ToHexString(SHA256.HashData(file));
    }
}
