using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Tests.Settings;

/// <summary>A session of several layers against the same sheets put together by hand, and against itself.</summary>
public class PressSessionTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;

    private static Workpiece Tee(string vinyl = "smooth") => Workpiece.Reference(Catalogue, Catalogue.Vinyls[vinyl]);

    private static StackedVinyl On(string id, params string[] over) => new(id, Catalogue.Vinyls["smooth"], over);

    private static PressSetting At(double celsius, double seconds) => PressSetting.Single(celsius, 20, seconds);

    [Fact]
    public void Two_layers_are_as_hot_as_the_same_sheets_put_together_by_hand()
    {
        var work = Tee();
        var session = new PressSession(work, [On("low"), On("up", "low")], Catalogue);
        session.DryOut();
        session.Lay(["low", "up"]);
        session.Press(At(152, 12));

        // By hand: cover, carrier, vinyl, carrier, vinyl, face, back, pad; dry, because the session was dried.
        var vinyl = work.Vinyl.Thermal.Sheet("vinyl");
        var carrier = Catalogue.Carrier.Thermal!.Sheet("carrier");
        SheetField Dry(string id) => SheetField.At(work.Material.Thermal.Sheet(id), Surroundings.RoomCelsius).Dried();
        SheetField[] stack =
        [
            SheetField.At(work.Cover.Thermal!.Sheet("cover"), Surroundings.RoomCelsius), SheetField.At(carrier, Surroundings.RoomCelsius),
            SheetField.At(vinyl, Surroundings.RoomCelsius),
            SheetField.At(carrier, Surroundings.RoomCelsius), SheetField.At(vinyl, Surroundings.RoomCelsius), Dry("face"), Dry("back"),
            SheetField.At(work.Underlay.Thermal!.Sheet("pad"), Surroundings.RoomCelsius),
        ];
        var column = new HeatColumn(stack);
        column.SetPlate(work.Source.Plate.Heat.Value, LaneMath.All(152));
        column.Run(new TopFace.UnderPlate(LaneMath.All(Surroundings.PlateContactWm2K(20))),
            new BottomFace(Surroundings.BelowUnderlayWm2K, Surroundings.RoomCelsius), LaneMath.All(152), 12, StepSchedule.Press);
        Assert.Equal(column.Fields.Count, session.PrintSheets.Count);
        for (var i = 0; i <= stack.Length; i++)
            Assert.Equal(column.InterfaceCelsius(i)[0], session.PrintColumn.InterfaceCelsius(i)[0], 0.01);
    }

    [Fact]
    public void A_layer_alone_is_the_same_whether_others_lie_elsewhere_or_not()
    {
        var alone = new PressSession(Tee(), [On("a")], Catalogue);
        var beside = new PressSession(Tee(), [On("a"), On("b")], Catalogue);
        foreach (var session in new[] { alone, beside })
        {
            session.PreheatAndLay(At(152, 5), Catalogue.Work);
            session.Press(At(152, 12));
        }

        Assert.Equal(alone.Bond("a"), beside.Bond("a"), 1e-9);
        Assert.Equal(alone.Bond("a"), beside.Bond("b"), 1e-9);
        Assert.Equal(alone.HottestBare(), beside.HottestBare(), 1e-9);
    }

    [Fact]
    public void Heat_adds_up_over_presses()
    {
        var session = new PressSession(Tee(), [On("low"), On("up", "low")], Catalogue);
        session.Lay(["low"]);
        session.Press(At(152, 3));
        var tacked = (Bond: session.Bond("low"), HeatDose: session.HeatDose("low"));
        session.Open(CoolingPlace.OnUnderlay, 30, LaneMath.All(152));
        session.Peel();
        // Open and cool, nothing is gathered that was not gathered in the first seconds.
        var cooled = session.HeatDose("low");
        Assert.True(cooled >= tacked.HeatDose);
        Assert.Equal(tacked.Bond, session.Bond("low"), 1e-12);
        session.Lay(["up"]);
        Assert.Equal(0, session.Bond("up"));
        session.Press(At(152, 12));
        Assert.True(session.Bond("low") > tacked.Bond && session.HeatDose("low") > cooled);
        Assert.True(session.HeatDose("low") > session.HeatDose("up"));
    }

    [Fact]
    public void Where_another_layer_lies_on_it_a_layer_bonds_less_and_that_counts()
    {
        double Low(params StackedVinyl[] stack)
        {
            var session = new PressSession(Tee(), stack, Catalogue);
            session.Lay([.. stack.Select(s => s.Id)]);
            session.Peel();
            session.Press(At(152, 8));
            return session.Bond("low");
        }

        Assert.True(Low(On("low"), On("up", "low")) < Low(On("low")));
    }

    [Fact]
    public void Turned_over_and_back_nothing_has_changed()
    {
        var session = new PressSession(Tee(), Catalogue);
        session.LayVinyl();
        session.Press(At(152, 12));
        var straight = session.Copy();
        session.TurnOver();
        session.TurnOver();
        session.Press(At(152, 5));
        straight.Press(At(152, 5));
        Assert.Equal(straight.Bond(), session.Bond(), 1e-9);
        Assert.Equal(straight.GlueCelsius[0], session.GlueCelsius[0], 1e-9);
    }

    /// <summary>Whatever is done to a copy, the original stands where it stood; and both go the same way from there.</summary>
    [Property(MaxTest = 40)]
    public Property A_copy_is_independent_and_goes_the_same_way()
    {
        var cases = from celsius in Gen.Choose(110, 190)
                    from first in Gen.Choose(1, 20)
                    from then in Gen.Choose(1, 20)
                    from turn in Gen.Choose(0, 1)
                    from bench in Gen.Choose(0, 1)
                    select (celsius, first, then, turn == 1, bench == 1);
        return Prop.ForAll(cases.ToArbitrary(), c =>
        {
            void GoOn(PressSession s)
            {
                s.Open(c.Item5 ? CoolingPlace.ColdBench : CoolingPlace.OnUnderlay, c.then, LaneMath.All(c.celsius));
                s.Peel();
                if (c.Item4)
                    s.TurnOver();
                s.Press(At(c.celsius, c.then));
            }

            var original = new PressSession(Tee(), [On("low"), On("up", "low")], Catalogue);
            original.PreheatAndLay(At(c.celsius, 5), Catalogue.Work);
            original.Press(At(c.celsius, c.first));
            var before = (original.Bond("low"), original.HeatDose("up"), original.HottestBare(), original.FaceWaterShare);
            var copy = original.Copy();
            GoOn(copy);
            Assert.Equal(before, (original.Bond("low"), original.HeatDose("up"), original.HottestBare(), original.FaceWaterShare));
            GoOn(original);
            Assert.Equal(copy.Bond("low"), original.Bond("low"), 1e-12);
            Assert.Equal(copy.HeatDose("up"), original.HeatDose("up"), 1e-12);
            Assert.Equal(copy.HottestBare(), original.HottestBare(), 1e-12);
        });
    }
}
