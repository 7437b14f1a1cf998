using Nido.Core;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;

namespace Nido.Web.Journal;

/// <summary>A child as the journal lists it.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Name">Its name.</param>
/// <param name="Seen">How often something was seen.</param>
/// <param name="Last">When last.</param>
/// <param name="LookAgain">Something that was tried is to be looked at again by today.</param>
public sealed record ChildInJournal(string ChildId, string Name, int Seen, DateOnly? Last, bool LookAgain);

/// <summary>The journal of a child.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Name">Its name.</param>
/// <param name="Months">Its age on the last day.</param>
/// <param name="From">First day looked at.</param>
/// <param name="To">Last day looked at.</param>
/// <param name="Ladders">Its way on each ladder of which anything is known, those with most seen first.</param>
/// <param name="Notes">What was written down, newest first.</param>
/// <param name="Weeks">What each week planned and met, oldest first.</param>
/// <param name="Hard">Where it is hard.</param>
/// <param name="NotYet">Published milestones of its age that were looked for over a while.</param>
/// <param name="FollowUps">What was tried, newest first.</param>
/// <param name="Pictures">Pictures of its work, newest first.</param>
/// <param name="Loves">What it stays at longest.</param>
/// <param name="Games">Its own best at games.</param>
/// <param name="Grips">How it held tools, newest first.</param>
/// <param name="PictureCount">How many pictures there are in these days.</param>
public sealed record ChildJournal(
    string ChildId,
    string Name,
    int Months,
    DateOnly From,
    DateOnly To,
    IReadOnlyList<LadderPath> Ladders,
    IReadOnlyList<WrittenView> Notes,
    IReadOnlyList<WeekOfChild> Weeks,
    IReadOnlyList<HardView> Hard,
    IReadOnlyList<NotYetView> NotYet,
    IReadOnlyList<FollowUpView> FollowUps,
    IReadOnlyList<PictureView> Pictures,
    IReadOnlyList<LovesView> Loves,
    IReadOnlyList<GameView> Games,
    IReadOnlyList<GripSeen> Grips,
    int PictureCount
);

/// <summary>A way on a ladder.</summary>
/// <param name="Id">The ladder.</param>
/// <param name="Name">In words.</param>
/// <param name="Steps">Names of its steps.</param>
/// <param name="Points">The belief, a week each.</param>
/// <param name="Seen">What was seen.</param>
/// <param name="OwnBest">Highest step seen alone, or null.</param>
/// <param name="Chosen">The step an adult chose, or null.</param>
/// <param name="Objective">What is worked towards, or null.</param>
public sealed record LadderPath(
    string Id,
    Said Name,
    IReadOnlyList<Said> Steps,
    IReadOnlyList<PathPoint> Points,
    IReadOnlyList<Observation> Seen,
    int? OwnBest,
    ChosenStep? Chosen,
    Objective? Objective
);

/// <summary>Something written down.</summary>
/// <param name="Kind">seen, note or picture.</param>
/// <param name="Id">Its number.</param>
/// <param name="On">Its day.</param>
/// <param name="Text">In the adult's words.</param>
/// <param name="By">Who wrote it; may be empty.</param>
/// <param name="Child">Name of the child; empty for a note on a day.</param>
/// <param name="Idea">Way of working, or null.</param>
/// <param name="Ladder">Name of the ladder, or null.</param>
/// <param name="Step">Step, or null.</param>
/// <param name="Help">Help it took, or null.</param>
/// <param name="Sign">What was seen to go wrong, or null.</param>
public sealed record WrittenView(
    string Kind,
    long Id,
    DateOnly On,
    string Text,
    string By,
    string Child,
    Said? Idea,
    Said? Ladder,
    int? Step,
    HelpLevel? Help,
    Said? Sign
);

/// <summary>A week of a child, in percent of an even share, by aim.</summary>
public sealed record WeekOfChild(DateOnly Monday, IReadOnlyList<int> Planned, IReadOnlyList<int> Met);

/// <summary>It is hard: what was seen, and what can be tried.</summary>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Name">Its name.</param>
/// <param name="Step">The step.</param>
/// <param name="Why">What was seen.</param>
/// <param name="Sign">Id of the sign, or null.</param>
/// <param name="Change">One change to try.</param>
/// <param name="EasierStep">The step below, or null.</param>
/// <param name="OtherWays">Other ways to the same strand.</param>
/// <param name="LookAgainOn">Day to look again.</param>
public sealed record HardView(
    string Ladder,
    Said Name,
    int Step,
    Said Why,
    string? Sign,
    Said Change,
    Said? EasierStep,
    IReadOnlyList<Said> OtherWays,
    DateOnly LookAgainOn
);

/// <summary>A published milestone that was looked for over a while and not seen.</summary>
public sealed record NotYetView(
    Said Ladder,
    Said Step,
    int TypicalMonths,
    DateOnly First,
    DateOnly Last,
    string Source
);

/// <summary>What was tried.</summary>
public sealed record FollowUpView(
    long Id,
    Said Ladder,
    int Step,
    string Change,
    DateOnly On,
    DateOnly LookAgainOn,
    bool? Helped,
    bool IsDue
);

/// <summary>What a child stays at of its own choice.</summary>
public sealed record LovesView(Said Idea, int Minutes, int Times);

/// <summary>A child's own best at a game.</summary>
public sealed record GameView(Said Idea, Tally Best, int Rounds);

/// <summary>How a tool was held.</summary>
public sealed record GripSeen(DateOnly On, string Ladder, string Grip, Said Name);

/// <summary>Words to find, and where.</summary>
/// <param name="Words">Each begins a word of the text or of a name.</param>
/// <param name="Kind">seen, note or picture; null for all.</param>
/// <param name="ChildId">Only of this child; null for all.</param>
/// <param name="From">The first day looked at; null for any.</param>
/// <param name="To">The last day looked at; null for any.</param>
public sealed record FindBody(string Words, string? Kind, string? ChildId, DateOnly? From = null, DateOnly? To = null);

/// <summary>What was found: how many, and the newest of them.</summary>
public sealed record FoundView(int Count, IReadOnlyList<WrittenView> Lines);

/// <summary>A term of a group.</summary>
/// <param name="Weeks">Mondays of its weeks, oldest first.</param>
/// <param name="Children">A row each.</param>
/// <param name="Strands">Strands nothing was planned for.</param>
/// <param name="Letters">Letters of its weeks, in order.</param>
/// <param name="Ideas">How ideas went, those that went least well first.</param>
/// <param name="RanOut">What ran out, the latest first.</param>
public sealed record GroupTerm(
    IReadOnlyList<DateOnly> Weeks,
    IReadOnlyList<TermOfChild> Children,
    IReadOnlyList<string> Strands,
    IReadOnlyList<string> Letters,
    IReadOnlyList<IdeaWent> Ideas,
    IReadOnlyList<RanOutView> RanOut
);

/// <summary>What was used up to the last.</summary>
/// <param name="Thing">What.</param>
/// <param name="On">The last day on which nothing was left.</param>
/// <param name="Times">How often in the term.</param>
/// <param name="IsBack">There is some again.</param>
public sealed record RanOutView(Said Thing, DateOnly On, int Times, bool IsBack);

/// <summary>A child's term, in percent of an even share, by aim. The order is that of the group: never a rank.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="Name">Its name.</param>
/// <param name="Planned">As planned.</param>
/// <param name="Met">As it was.</param>
/// <param name="StaysShort">Aims that stayed under nine tenths in each of the last three weeks.</param>
public sealed record TermOfChild(
    string ChildId,
    string Name,
    IReadOnlyList<int> Planned,
    IReadOnlyList<int> Met,
    IReadOnlyList<Aim> StaysShort
);

/// <summary>How an idea went over a term.</summary>
/// <param name="Idea">The way of working.</param>
/// <param name="WithJoy">How often with joy.</param>
/// <param name="AllRight">How often all right.</param>
/// <param name="NotSo">How often not so.</param>
/// <param name="Minutes">Minutes it is planned with.</param>
/// <param name="Took">Minutes it took in the middle, where somebody looked; null where nobody did.</param>
/// <param name="Lines">What was written of it, newest first.</param>
public sealed record IdeaWent(
    Said Idea,
    int WithJoy,
    int AllRight,
    int NotSo,
    int Minutes,
    int? Took,
    IReadOnlyList<string> Lines
);

/// <summary>What can be seen of work on ladders.</summary>
/// <param name="Signs">Signs that it goes wrong.</param>
/// <param name="Grips">Ways to hold a tool.</param>
public sealed record SignsView(IReadOnlyList<SignView> Signs, IReadOnlyList<GripView> Grips);

/// <summary>A sign and its one change.</summary>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Technique">Id of the way of working it belongs to; null where it is met anywhere on the ladder.</param>
/// <param name="Id">Its id.</param>
/// <param name="Seen">What is seen.</param>
/// <param name="Change">What to change.</param>
public sealed record SignView(string Ladder, string? Technique, string Id, Said Seen, Said Change);

/// <summary>A grip.</summary>
public sealed record GripView(string Ladder, string Id, Said Name, int TypicalMonths);
