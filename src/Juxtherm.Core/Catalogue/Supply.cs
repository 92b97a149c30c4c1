namespace Juxtherm.Core.Catalogue;

/// <summary>A sheet laid over or under the work: covers, underlays and the carrier.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Thermal">Thermal figures; null for nothing at all.</param>
public sealed record Supply(string Id, string Name, ThermalFigures? Thermal)
{
    /// <summary>It holds water that the heat drives into the cloth.</summary>
    public bool Damp { get; init; }

    /// <summary>It bears what is stretched on a frame from within.</summary>
    public bool BearsFrames { get; init; }

    /// <summary>It gives way under the plate.</summary>
    public bool Yields { get; init; }

    /// <summary>It melts or smears under the plate.</summary>
    public bool Melts { get; init; }

    /// <summary>What it is called where it is offered; null where it is only taken as said.</summary>
    public string? OfferedAs { get; init; }

    /// <summary>It is the vinyl's own carrier and nothing more.</summary>
    public bool IsCarrier { get; init; }
}
