using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Wishes.Ideas;

namespace Nido.Core.Week.Wishes;

/// <summary>What an idea pays each time it lies out, whatever lies beside it; 0 is best. One file each.</summary>
public abstract class IdeaCost
{
    /// <summary>Every one of them.</summary>
    public static IReadOnlyList<IdeaCost> All { get; } =
    [
        new CarriesTheTheme(),
        new NotDoneLately(),
        new SuitsTheApproach(),
        new OfWhatIsThere(),
        new AsTheGroupWorks(),
        new TellsAStory(),
    ];

    /// <summary>What is wished, in a teacher's words.</summary>
    public abstract Said Name { get; }

    /// <summary>By which slider it is weighed; null where its price is fixed.</summary>
    public virtual Slider? WeighedBy => null;

    /// <summary>Points of an idea.</summary>
    public abstract int Points(Idea idea, WeekInput input);
}
