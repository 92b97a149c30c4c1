namespace Juxtherm.Core.Runs.Commands;

/// <summary>What is done when something is said to the bench. A new one is a new class here and a line in
/// <see cref="AllCommands"/>.</summary>
internal interface ICommand
{
    /// <summary>What is said.</summary>
    BenchAction Action { get; }

    /// <summary>Where the run stands afterwards.</summary>
    /// <exception cref="BenchRefusedException">It does not fit where the run stands.</exception>
    RunState Take(Scene scene);
}

/// <summary>All of them.</summary>
internal static class AllCommands
{
    private static readonly Dictionary<BenchAction, ICommand> ByAction = new ICommand[]
    {
        new Done(), new Back(), new OpenedEarly(), new HoldWas(), new RecordPiece(), new See(), new Rescue(), new Ruin(), new Change(),
        new AddPiece(), new CutAgain(),
        new Check(), new CheckAll(), new Skip(), new GiveBack(), new Join(), new Leave(), new Wire(), new Unwire(), new Away(),
        new SomethingOff(), new EndRun(),
    }.ToDictionary(c => c.Action);

    public static ICommand For(BenchAction action) => ByAction[action];
}
