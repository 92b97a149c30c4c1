namespace Juxtherm.App;

/// <summary>Work beside requests: whoever happened to set it off may leave, and its patience is not the work's.</summary>
public static class Background
{
    /// <summary>Begins it.</summary>
    public static Task<T> Run<T>(Func<T> work)
    {
        using (ExecutionContext.SuppressFlow())
            return Task.Run(work);
    }

    /// <summary>Begins it.</summary>
    public static Task Run(Func<Task> work)
    {
        using (ExecutionContext.SuppressFlow())
            return Task.Run(work);
    }
}
