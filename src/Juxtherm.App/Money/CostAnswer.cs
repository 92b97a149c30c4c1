using System.Globalization;
using Juxtherm.Core.Costs;

namespace Juxtherm.App.Money;

/// <summary>What a piece costs, in amounts with two places.</summary>
/// <param name="Vinyl">Vinyl, waste included.</param>
/// <param name="Blank">The item.</param>
/// <param name="Hands">Hands.</param>
/// <param name="Power">Electricity.</param>
/// <param name="Licence">The drawing.</param>
/// <param name="Delivery">Bringing the order.</param>
/// <param name="Consumables">Carrier, blades, cover sheets.</param>
/// <param name="Wear">Wear of press and cutter.</param>
/// <param name="Other">Those four together.</param>
/// <param name="Spoilage">Pieces that come to nothing.</param>
/// <param name="Cost">All of it: below this money is lost.</param>
/// <param name="Net">What it is sold for, without tax.</param>
/// <param name="Tax">Tax.</param>
/// <param name="Price">What it is sold for.</param>
public sealed record PerPiece(string Vinyl, string Blank, string Hands, string Power, string Licence, string Delivery, string Consumables,
    string Wear, string Other, string Spoilage, string Cost, string Net, string Tax, string Price);

/// <summary>What so many pieces cost.</summary>
/// <param name="Quantity">How many.</param>
/// <param name="PerPiece">Each of them.</param>
/// <param name="Total">What all are sold for.</param>
/// <param name="SpoilagePercent">Share of pieces that come to nothing, %.</param>
/// <param name="HandMinutes">Hands for each, min.</param>
public sealed record CostAnswer(int Quantity, PerPiece PerPiece, string Total, decimal SpoilagePercent, double HandMinutes)
{
    internal static CostAnswer Of(PieceCost cost, RunUse use)
    {
        var p = cost.PerPiece;
        return new CostAnswer(cost.Quantity, new PerPiece(Text(p.Vinyl), Text(p.Blank), Text(p.Hands), Text(p.Power), Text(p.Licence),
            Text(p.Delivery), Text(p.Consumables), Text(p.Wear), Text(p.Licence + p.Delivery + p.Consumables + p.Wear), Text(p.Spoilage),
            Text(p.Cost), Text(cost.Net), Text(cost.Tax), Text(cost.Price)), Text(cost.Total), cost.SpoilagePercent,
                Math.Round(use.HandSeconds / 60 / use.Pieces, 1));
    }

    /// <summary>An amount with two places.</summary>
    internal static string Text(decimal money) => money.ToString("0.00", CultureInfo.InvariantCulture);
}

/// <summary>What a way of doing it costs.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Cost">What it costs.</param>
public sealed record WayCost(string Name, CostAnswer Cost);

/// <summary>What a kept job costs.</summary>
/// <param name="Rows">By quantity.</param>
/// <param name="Ways">What other ways of doing it cost, for as many as the job has.</param>
/// <param name="Currency">How money is written.</param>
public sealed record JobCost(IReadOnlyList<CostAnswer> Rows, IReadOnlyList<WayCost> Ways, string Currency);

/// <summary>What a run was to cost, and what it did.</summary>
/// <param name="Currency">How money is written.</param>
/// <param name="Pieces">Pieces that came out.</param>
/// <param name="Planned">What they were to cost.</param>
/// <param name="Real">What they did.</param>
/// <param name="PlannedSeconds">Hands at the bench as planned, s.</param>
/// <param name="RealSeconds">Hands at the bench as it was, s.</param>
/// <param name="Lost">Pieces that came to nothing.</param>
/// <param name="Why">What made the difference.</param>
public sealed record RunCost(string Currency, int Pieces, string Planned, string Real, double PlannedSeconds, double RealSeconds, int Lost,
    IReadOnlyList<string> Why);
