using System.Text.Json;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Store;

namespace Juxtherm.App.Bench;

/// <summary>Rebuilds a run from what is kept of it.</summary>
internal static class RunHistory
{
    /// <summary>The run after something that was said: by what came of it then, or, where that was not kept yet, by the rules.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="before">Where it stood.</param>
    /// <param name="said">What was said.</param>
    public static RunState After(BenchScript script, RunState before, RunEventRow said) => said.FactJson.Length > 0
        ? JsonSerializer.Deserialize<RunFact>(said.FactJson, CoreJson.Options)!.On(before)
        : BenchRules.Apply(script, before, JsonSerializer.Deserialize<BenchEvent>(said.EventJson, CoreJson.Options)!);
}
