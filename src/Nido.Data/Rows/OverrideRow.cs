using Nido.Core.Safety;

namespace Nido.Data.Rows;

/// <summary>An override as stored; never deleted.</summary>
public sealed class OverrideRow
{
    public required string Id { get; set; }
    public required string WeekId { get; set; }
    public required string IdeaId { get; set; }
    public required string IdeaTitle { get; set; }
    public required string RuleId { get; set; }
    public required string RuleMessage { get; set; }
    public required string Adult { get; set; }
    public required string Reason { get; set; }
    public DateOnly? Day { get; set; }
    public DateTimeOffset At { get; set; }
    public DateTimeOffset? WithdrawnAt { get; set; }

    /// <summary>The override as Core sees it.</summary>
    public RuleOverride ToCore() =>
        new(Id, IdeaId, IdeaTitle, RuleId, RuleMessage, Adult, Reason, At, WithdrawnAt) { Day = Day };

    /// <summary>A row from an override of a week.</summary>
    public static OverrideRow Of(RuleOverride o, string weekId)
    {
        ArgumentNullException.ThrowIfNull(o);
        return new()
        {
            Id = o.Id,
            WeekId = weekId,
            IdeaId = o.IdeaId,
            IdeaTitle = o.IdeaTitle,
            RuleId = o.RuleId,
            RuleMessage = o.RuleMessage,
            Adult = o.Adult,
            Reason = o.Reason,
            Day = o.Day,
            At = o.At,
            WithdrawnAt = o.WithdrawnAt,
        };
    }
}
