using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Options;

/// <summary>What a job follows where crafters differ.</summary>
public static class Chosen
{
    /// <summary>The answer that holds: the crafter's own, or the advice.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    /// <param name="way">The question.</param>
    /// <returns>Option id; null when the question does not arise.</returns>
    public static string? Choose(this ChartedJob about, IOption way)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(way);
        if (way.Advise(about) is not { } advice)
            return null;
        return way.Said(about.Job) is { } said && way.Choices(about).Any(o => o.Id == said) ? said : advice.Option;
    }

    /// <summary>On each face all layers are laid at once: one lies alone, or several keep apart.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    public static bool IsOneGo(this ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Layers.Count == 1 || LayersMethod.Method(about.Choose(new LayersMethod())) == LayerMethod.AtOnce
            || about.Layers.All(l =>
                about.Layers.All(other => other.Id == l.Id || other.Layer.Face != l.Layer.Face || about.Stack.GoTogether(l.Id, other.Id)));
    }

    /// <summary>It is pressed from the back as well, as a matter of course under this press, and nobody said otherwise.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    public static bool IsBackByCustom(this ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Work.Source.PressesFromBack && about.CanBeTurned && about.Job.Used is null
            && about.Job.Choices.GetValueOrDefault(new BackPress().Id) != BackPress.Never;
    }
}
