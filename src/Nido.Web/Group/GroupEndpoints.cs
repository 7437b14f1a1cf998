using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Group;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Data.TakenAway;
using Nido.Web.Common;

namespace Nido.Web.Group;

/// <summary>Group: children, adults, blocks and settings.</summary>
public static class GroupEndpoints
{
    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapGroup(this RouteGroupBuilder api)
    {
        var groups = api.MapGroup("/groups").WithTags("Group");
        api.MapGet("/timetables", () => TypedResults.Ok(Timetable.All.Select(t => t.In(Speaking.Now)).ToArray()))
            .WithName("listTimetables")
            .WithTags("Group");
        groups.MapGet("/", List).WithName("listGroups");
        groups.MapPost("/", Add).WithName("addGroup");
        groups.MapGet("/{groupId}", Get).WithName("getGroup");
        groups.MapPut("/{groupId}", Change).WithName("changeGroup").AsksForEdition();
        groups.MapDelete("/{groupId}", TakeAway).WithName("removeGroup");
        groups.MapGet("/{groupId}/children/{childId}", GetChild).WithName("getChild");
        groups.MapPost("/{groupId}/adults", AddAdult).WithName("addAdult");
        groups.MapGet("/{groupId}/steps", Steps).WithName("getSteps");
        groups.MapPost("/{groupId}/children", AddChildren).WithName("addChildren");
        groups.MapPut("/{groupId}/children/{childId}", ChangeChild).WithName("changeChild").AsksForEdition();
        groups.MapDelete("/{groupId}/children/{childId}", RemoveChild).WithName("removeChild");
        groups
            .MapPost("/{groupId}/children/table", ReadTable)
            .WithName("readChildrenTable")
            .WithMetadata(new OnlyLooks())
            .Accepts<string>("text/csv");
        groups.MapGet("/{groupId}/children.csv", WriteTable).WithName("childrenCsv");
    }

    private static async Task<Ok<List<GroupName>>> List(NidoDb db, CancellationToken stop) =>
        TypedResults.Ok(
            await db
                .Groups.OrderBy(g => g.Kind)
                .ThenBy(g => g.Name)
                .Select(g => new GroupName(g.Id, g.Name, g.Kind, g.Children.Count))
                .ToListAsync(stop)
        );

    private static async Task<Created<ChildrenGroup>> Add(NewGroupBody body, NidoDb db, CancellationToken stop)
    {
        var group = NewGroup.Of(
            body.Name.Trim(),
            body.Place?.Trim() ?? "",
            body.Kind,
            body.Timetable,
            NewId.Next,
            Speaking.Now
        );
        db.Groups.Add(GroupRow.Of(group));
        await db.SaveChangesAsync(stop);
        return TypedResults.Created($"/api/groups/{group.Id}", group);
    }

    private static async Task<Ok<ChildrenGroup>> Get(
        string groupId,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        return TypedResults.Ok(Told(http, group));
    }

    /// <summary>The edition of a group is about what is changed with it: children are changed one by one.</summary>
    private static ChildrenGroup Told(HttpContext http, ChildrenGroup group)
    {
        Edition.Tell(http, group with { Children = [] });
        return group;
    }

    private static async Task<NoContent> TakeAway(string groupId, NidoDb db, TimeProvider time, CancellationToken stop)
    {
        var row = await db.TheGroupRowAsync(groupId, stop);

        await TheBin.PutAsync(db, row, time.GetUtcNow(), stop);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<Child>> GetChild(
        string groupId,
        string childId,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    ) => TypedResults.Ok(Edition.Tell(http, (await db.TheChildAsync(groupId, childId, stop)).ToCore()));

    private static async Task<Results<Ok<ChildrenGroup>, ProblemHttpResult>> Change(
        string groupId,
        GroupBody body,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await db.TheGroupRowAsync(groupId, stop);

        if (Edition.Against(http, row.ToCore() with { Children = [] }) is { } stale)
        {
            return stale;
        }

        var group = row.ToCore() with
        {
            Name = body.Name,
            Place = body.Place,
            Days = body.Days,
            Blocks = body.Blocks,
            Settings = body.Settings,
            Expected = body.Expected,
            Wishes = body.Wishes,
            Adults =
            [
                .. body.Adults.Select(a => new Adult(
                    string.IsNullOrEmpty(a.Id) ? NewId.Next() : a.Id,
                    a.Name,
                    a.Days,
                    a.From,
                    a.To
                )),
            ],
        };
        await db.ReplaceAsync(row, group, stop);
        return TypedResults.Ok(Told(http, (await db.GroupAsync(groupId, stop))!));
    }

    private static async Task<Ok<ChildrenGroup>> AddAdult(
        string groupId,
        AdultBody body,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await db.TheGroupRowAsync(groupId, stop);

        row.Adults.Add(
            new AdultRow
            {
                Id = NewId.Next(),
                GroupId = groupId,
                Order = row.Adults.Count,
                Name = body.Name,
                Days = body.Days,
                From = body.From,
                To = body.To,
            }
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok((await db.GroupAsync(groupId, stop))!);
    }

    private static async Task<Ok<StepsView>> Steps(
        string groupId,
        DateOnly? on,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var day = on ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        return TypedResults.Ok(
            StepsView.Of(
                group.On(day),
                WeekInputs.WaysOf(content, group),
                content.Ladders.Values,
                await db.EvidenceAsync(groupId, day, stop),
                day
            )
        );
    }

    private static async Task<Results<Ok<ChildrenGroup>, ProblemHttpResult>> AddChildren(
        string groupId,
        ChildrenBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await db.TheGroupRowAsync(groupId, stop);

        if (body.Children.FirstOrDefault(c => IsTaken(row, c.Name, null)) is { } twice)
        {
            return Problems.Field(
                "name",
                twice.Name,
                $"{twice.Name} is already in {row.Name}. Add a letter of the family name."
            );
        }

        db.Children.AddRange(
            body.Children.Select(c => ChildRow.Of(c.ToCore(NewId.Next(), content.Allergens), groupId))
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok((await db.GroupAsync(groupId, stop))!);
    }

    private static async Task<Results<Ok<ChildrenGroup>, ProblemHttpResult>> ChangeChild(
        string groupId,
        string childId,
        ChildBody body,
        HttpContext http,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await db.TheGroupRowAsync(groupId, stop);
        var child = row.Children.SingleOrDefault(c => c.Id == childId).Found(NotHere.Child);

        if (Edition.Against(http, child.ToCore()) is { } stale)
        {
            return stale;
        }

        if (IsTaken(row, body.Name, childId))
        {
            return Problems.Field(
                "name",
                body.Name,
                $"{body.Name} is already in {row.Name}. Add a letter of the family name."
            );
        }

        child.Take(body.ToCore(childId, content.Allergens) with { AtHome = child.AtHome });
        await db.SaveChangesAsync(stop);
        Edition.Tell(http, child.ToCore());
        return TypedResults.Ok(row.ToCore());
    }

    private static async Task<NoContent> RemoveChild(
        string groupId,
        string childId,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var child = await db.TheChildAsync(groupId, childId, stop);

        child.BinnedAt = time.GetUtcNow();
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<ListReading<Child>>> ReadTable(
        string groupId,
        HttpRequest request,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        return TypedResults.Ok(
            ChildrenCsv.Read(
                await request.BytesAsync(stop),
                group,
                DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                NewId.Next,
                content.Allergens
            )
        );
    }

    private static async Task<ContentHttpResult> WriteTable(string groupId, NidoDb db, CancellationToken stop)
    {
        var group = await db.TheGroupAsync(groupId, stop);
        return TypedResults.Text(ChildrenCsv.Write(group), "text/csv; charset=utf-8");
    }

    private static bool IsTaken(GroupRow row, string name, string? but) =>
        row.Children.Any(c => c.Id != but && c.Name.Equals(name.Trim(), StringComparison.OrdinalIgnoreCase));
}

/// <summary>A group in a list.</summary>
public sealed record GroupName(string Id, string Name, GroupKind Kind, int Children);
