using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>In a session the circle tells a story rather than only a rhyme: the rhyme comes after it anyway.</summary>
internal sealed class TellsAStory : IdeaCost
{
    private const int OnlyARhyme = 120;

    public override Said Name => $"A story in the session";

    public override int Points(Idea idea, WeekInput input) =>
        input.Group.Kind == GroupKind.DropIn && idea.Technique.InSession == SessionPart.Song ? OnlyARhyme : 0;
}
