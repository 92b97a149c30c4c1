namespace Juxtherm.App.Stock;

/// <summary>A roll on the scale.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="WidthMm">Width, mm.</param>
/// <param name="Grams">Weight with its core, g.</param>
/// <param name="CoreGrams">Weight of the core, g.</param>
public sealed record WeightAsk(string Vinyl, double WidthMm, double Grams, double CoreGrams)
{
    /// <summary>Heaviest roll accepted, g.</summary>
    public const double MostGrams = 100_000;
}

/// <summary>What a roll's weight says.</summary>
/// <param name="LengthMm">Length on it, mm.</param>
/// <param name="GramsPerM2">Weight of the vinyl with its carrier that this rests on, g/m².</param>
/// <param name="From">Where that comes from.</param>
public sealed record WeightAnswer(double LengthMm, double GramsPerM2, string From);
