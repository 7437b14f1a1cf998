using Nido.Core.Group;
using Nido.Data.TakenAway;

namespace Nido.Data.Rows;

/// <summary>A group as stored.</summary>
public sealed class GroupRow : IBinned
{
    /// <inheritdoc />
    public DateTimeOffset? BinnedAt { get; set; }

    public required string Id { get; set; }
    public required string Name { get; set; }
    public required string Place { get; set; }
    public WeekDays Days { get; set; }
    public required GroupSettings Settings { get; set; }
    public GroupKind Kind { get; set; }
    public IReadOnlyList<ExpectedBand> Expected { get; set; } = [];
    public IReadOnlyList<GroupingWish> Wishes { get; set; } = [];
    public List<ChildRow> Children { get; set; } = [];
    public List<AdultRow> Adults { get; set; } = [];
    public List<BlockRow> Blocks { get; set; } = [];

    /// <summary>Counts at the door, where children are not known.</summary>
    public List<DoorCountRow> Counts { get; set; } = [];

    /// <summary>The group as Core sees it, youngest child first.</summary>
    public ChildrenGroup ToCore() =>
        new(
            Id,
            Name,
            Place,
            Days,
            [
                .. Children
                    .OrderByDescending(c => c.BornOn)
                    .ThenBy(c => c.Name, StringComparer.Ordinal)
                    .Select(c => c.ToCore()),
            ],
            [.. Adults.OrderBy(a => a.Order).Select(a => a.ToCore())],
            [.. Blocks.OrderBy(b => b.Starts).ThenBy(b => b.Key, StringComparer.Ordinal).Select(b => b.ToCore())],
            Settings
        )
        {
            Kind = Kind,
            Expected = [.. Expected.OrderBy(b => b.FromMonths)],
            Wishes = Wishes,
            Counts = [.. Counts.OrderBy(c => c.On).ThenBy(c => c.FromMonths).Select(c => c.ToCore())],
        };

    /// <summary>The group with its lists in the order of a file, so that what is wrong is told where it stands
    /// there.</summary>
    public ChildrenGroup AsItStands() =>
        ToCore() with
        {
            Children = [.. Children.Select(c => c.ToCore())],
            Adults = [.. Adults.Select(a => a.ToCore())],
            Blocks = [.. Blocks.Select(b => b.ToCore())],
        };

    /// <summary>Takes over everything of a group but its id.</summary>
    public void Take(ChildrenGroup group)
    {
        Name = group.Name;
        Place = group.Place;
        Days = group.Days;
        Settings = group.Settings;
        (Kind, Expected, Wishes) = (group.Kind, group.Expected, group.Wishes);
        Children = [.. group.Children.Select(c => ChildRow.Of(c, Id))];
        Adults =
        [
            .. group.Adults.Select(
                (a, i) =>
                    new AdultRow
                    {
                        Id = a.Id,
                        GroupId = Id,
                        Order = i,
                        Name = a.Name,
                        Days = a.Days,
                        From = a.From,
                        To = a.To,
                    }
            ),
        ];
        Blocks =
        [
            .. group.Blocks.Select(b => new BlockRow
            {
                GroupId = Id,
                Key = b.Id,
                Name = b.Name,
                Kind = b.Kind,
                Starts = b.Starts,
                Minutes = b.Minutes,
                Offers = b.Offers,
            }),
        ];
        Counts =
        [
            .. group.Counts.Select(c => new DoorCountRow
            {
                GroupId = Id,
                On = c.On,
                FromMonths = c.FromMonths,
                Children = c.Children,
                Kits = c.Kits,
                KitsBack = c.KitsBack,
            }),
        ];
    }

    /// <summary>A row from a group.</summary>
    public static GroupRow Of(ChildrenGroup group)
    {
        var row = new GroupRow
        {
            Id = group.Id,
            Name = group.Name,
            Place = group.Place,
            Settings = group.Settings,
        };
        row.Take(group);
        return row;
    }
}
