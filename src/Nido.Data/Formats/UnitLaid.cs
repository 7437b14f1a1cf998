using Nido.Core.Ideas;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Data.Formats;

/// <summary>What lies out in a place of the week, for whoever reads the file without Nido; not read back.</summary>
/// <param name="Day">Index of the day.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">The offer.</param>
/// <param name="IdeaId">The idea.</param>
/// <param name="Title">Its title.</param>
/// <param name="Adults">Adults counted to it.</param>
/// <param name="Things">What lies there, at each step somebody works at.</param>
/// <param name="Children">Who works at which step, of those who are there.</param>
public sealed record UnitLaid(
    int Day,
    string BlockId,
    int Offer,
    string IdeaId,
    string Title,
    int Adults,
    IReadOnlyList<UnitThing> Things,
    IReadOnlyList<UnitAtWork> Children
)
{
    /// <summary>Everything a plan lays out.</summary>
    public static IReadOnlyList<UnitLaid> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var refreshes = Refreshes.Of(plan).Where(r => r.Adds is not null).ToDictionary(r => r.Slot, r => r.Adds!);
        return
        [
            .. plan.Filled.Select(f => new UnitLaid(
                f.Placement.Day,
                f.Placement.BlockId,
                f.Placement.Offer,
                f.Use.Idea.Id,
                f.Use.Idea.Title.En,
                f.Use.Adults,
                [
                    .. WeekProblem
                        .StepsInUse(f.Use.Idea, f.Use.On(f.Placement.Day).Children)
                        .SelectMany(s => At(plan, f.Use, s)),
                    .. f.Use.Idea.MadeOf.Select(m => new UnitThing(m.Id, "made-before", 0, null, false, [])),
                    .. refreshes.TryGetValue(f.Slot, out var added)
                        ? (UnitThing[])[new(added.Id, "added", 0, null, false, [])]
                        : [],
                ],
                [
                    .. f
                        .Use.On(f.Placement.Day)
                        .Children.Where(c => c.InReach)
                        .Select(c => new UnitAtWork(c.Child.Id, c.Offer!.Step)),
                ]
            )),
        ];
    }

    private static IEnumerable<UnitThing> At(WeekPlan plan, Use use, IdeaStep step)
    {
        UnitThing Thing(string role, string material, Role? of) =>
            new(
                material,
                role,
                step.Number,
                of is null ? null : step.Each(of, ""),
                of?.Fixed == true,
                [
                    .. step
                        .Makes.Where(m => m.From == role)
                        .Select(m => new UnitPiece(
                            m.Name.En,
                            m.Body.Shape.ToString().ToLowerInvariant(),
                            m.Body.Length,
                            m.Body.Width,
                            m.Body.Height
                        )),
                ]
            );
        foreach (var (name, bound) in step.Bindings)
        {
            yield return Thing(name, bound.Material.Id, use.Idea.Technique.Roles.FirstOrDefault(r => r.Name == name));
        }

        foreach (
            var (name, bound) in step.Left.Where(_ =>
                plan.Problem.Group.Children.Any(c => c.Hand == Core.Group.Hand.Left)
            )
        )
        {
            yield return Thing(name, bound.Material.Id, use.Idea.Technique.Roles.FirstOrDefault(r => r.Name == name));
        }
    }
}

/// <summary>A material as it lies out.</summary>
/// <param name="MaterialId">The material.</param>
/// <param name="Role">Its role; "made-before" for what was made on a day before, "added" for what is new that
/// day.</param>
/// <param name="Step">The step; 0 for all.</param>
/// <param name="Amount">Units within reach of a child, or null.</param>
/// <param name="Fixed">It is fastened where it stays.</param>
/// <param name="Pieces">Pieces that come about of it.</param>
public sealed record UnitThing(
    string MaterialId,
    string Role,
    int Step,
    double? Amount,
    bool Fixed,
    IReadOnlyList<UnitPiece> Pieces
);

/// <summary>A piece that comes about while a step is worked; a height of 0 is that of the material.</summary>
public sealed record UnitPiece(string Name, string Shape, double Length, double Width, double Height);

/// <summary>A child at a step.</summary>
public sealed record UnitAtWork(string ChildId, int Step);

/// <summary>A way by which the week makes or mixes what is missing.</summary>
/// <param name="MaterialId">What comes out.</param>
/// <param name="Way">Id of the make-from or of the recipe.</param>
public sealed record UnitMaking(string MaterialId, string Way);
