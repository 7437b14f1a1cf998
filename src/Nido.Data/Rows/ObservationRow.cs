using Nido.Core.Group;
using Nido.Core.Group.Steps;

namespace Nido.Data.Rows;

/// <summary>An observation as stored.</summary>
public sealed class ObservationRow
{
    public long Id { get; set; }
    public required string ChildId { get; set; }
    public required string Ladder { get; set; }
    public int Step { get; set; }
    public HelpLevel Help { get; set; }
    public DateOnly On { get; set; }
    public required string By { get; set; }
    public required string Note { get; set; }
    public int? Minutes { get; set; }
    public string IdeaId { get; set; } = "";
    public string Sign { get; set; } = "";
    public int? Tries { get; set; }
    public int? Hits { get; set; }
    public Hand? Hand { get; set; }
    public string Grip { get; set; } = "";
    public string Tool { get; set; } = "";

    /// <summary>The observation as Core sees it.</summary>
    public Observation ToCore() =>
        new(Id, ChildId, Ladder, Step, Help, On, By, Note)
        {
            Minutes = Minutes,
            IdeaId = IdeaId,
            Sign = Sign,
            Tries = Tries,
            Hits = Hits,
            Hand = Hand,
            Grip = Grip,
            Tool = Tool,
        };

    /// <summary>A row of an observation, its id given when it is saved.</summary>
    public static ObservationRow Of(Observation o)
    {
        ArgumentNullException.ThrowIfNull(o);
        return new()
        {
            ChildId = o.ChildId,
            Ladder = o.Ladder,
            Step = o.Step,
            Help = o.Help,
            On = o.On,
            By = o.By,
            Note = o.Note,
            Minutes = o.Minutes,
            IdeaId = o.IdeaId,
            Sign = o.Sign,
            Tries = o.Tries,
            Hits = o.Hits,
            Hand = o.Hand,
            Grip = o.Grip,
            Tool = o.Tool,
        };
    }
}
