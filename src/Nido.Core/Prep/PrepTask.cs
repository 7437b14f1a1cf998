using Nido.Core.Safety;

namespace Nido.Core.Prep;

/// <summary>Work before an idea can lie out.</summary>
/// <param name="What">In words.</param>
/// <param name="For">Title of the idea.</param>
/// <param name="Minutes">Work in minutes.</param>
/// <param name="NeededOn">Day the idea lies out.</param>
/// <param name="Evening">Evening it is to be done at the latest, waits included.</param>
/// <param name="WaitHours">Drying or cooling that follows.</param>
/// <param name="AdultOnly">Not with children: it is said so, or a rule asks it.</param>
/// <param name="Cautions">What to mind at it.</param>
public sealed record PrepTask(
    string What, string For, int Minutes, DateOnly NeededOn, DateOnly Evening, int WaitHours, bool AdultOnly,
    IReadOnlyList<Finding> Cautions);
