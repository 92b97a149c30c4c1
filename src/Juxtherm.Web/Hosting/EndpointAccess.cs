using Juxtherm.App.Helpers;
using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>Who may use an endpoint from another device. Each level includes the ones before it; the machine itself may do
/// everything.</summary>
internal enum AccessLevel
{
    /// <summary>Anyone in the network: the page that lets devices in.</summary>
    Anyone,

    /// <summary>Paired devices: looks something up or works something out, and keeps nothing.</summary>
    Look,

    /// <summary>Paired devices that may work at the bench, the press and the cutter.</summary>
    Press,

    /// <summary>Paired devices of the owner.</summary>
    Owner,

    /// <summary>No other device, only the machine that the program runs on.</summary>
    Machine,
}

/// <summary>Says on an endpoint who may use it. An endpoint without it is the machine's own.</summary>
/// <param name="Level">Who may.</param>
internal sealed record EndpointAccess(AccessLevel Level)
{
    /// <summary>Whether a device of that role may use an endpoint of this level.</summary>
    /// <param name="role">The device's role.</param>
    public bool Allows(HelperRole role) => Level <= role switch
    {
        HelperRole.Owner => AccessLevel.Owner,
        HelperRole.Press => AccessLevel.Press,
        HelperRole.Look => AccessLevel.Look,
        _ => AccessLevel.Anyone,
    };
}

/// <summary>What the log of helpers' devices says when an endpoint was used.</summary>
/// <param name="What">As “changed a job”.</param>
internal sealed record EndpointAudit(Phrase What);

/// <summary>Marks an endpoint that works for as long as it takes, such as exchanging the whole workshop.</summary>
internal sealed record UntimedEndpoint;

/// <summary>Marks an endpoint that is served while the data is being exchanged: it closes the gate itself, or does not pass it.</summary>
internal sealed record OutsideGateEndpoint;

/// <summary>Marks an endpoint that answers people with a page, not programs with JSON.</summary>
internal sealed record PageEndpoint;

/// <summary>Puts these marks on endpoints.</summary>
internal static class EndpointMarks
{
    /// <summary>Says who may use an endpoint, or every endpoint of a group that does not say otherwise itself.</summary>
    /// <param name="builder">The endpoint or group.</param>
    /// <param name="level">Who may.</param>
    public static T Allow<T>(this T builder, AccessLevel level) where T : IEndpointConventionBuilder =>
        builder.WithMetadata(new EndpointAccess(level));

    /// <summary>Says what the log of helpers' devices writes when an endpoint was used.</summary>
    /// <param name="builder">The endpoint or group.</param>
    /// <param name="what">As “changed a job”.</param>
    public static T Audit<T>(this T builder, Phrase what) where T : IEndpointConventionBuilder =>
        builder.WithMetadata(new EndpointAudit(what));

    /// <summary>Lets an endpoint work for as long as it takes.</summary>
    /// <param name="builder">The endpoint.</param>
    public static T Untimed<T>(this T builder) where T : IEndpointConventionBuilder => builder.WithMetadata(new UntimedEndpoint());

    /// <summary>Serves an endpoint also while the data is being exchanged.</summary>
    /// <param name="builder">The endpoint or group.</param>
    public static T OutsideGate<T>(this T builder) where T : IEndpointConventionBuilder => builder.WithMetadata(new OutsideGateEndpoint());

    /// <summary>Marks an endpoint that is a page.</summary>
    /// <param name="builder">The endpoint.</param>
    public static T AsPage<T>(this T builder) where T : IEndpointConventionBuilder => builder.WithMetadata(new PageEndpoint());

    /// <summary>Whether the endpoint that a request matched has that mark.</summary>
    /// <param name="context">The request.</param>
    public static bool HasMark<T>(this HttpContext context) where T : class => context.GetEndpoint()?.Metadata.GetMetadata<T>() is not null;
}
