using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using MimeKit;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Data;
using Nido.Web.Common;

namespace Nido.Web.Families;

/// <summary>What a family told of its home: what it has, who is the youngest there, where letters go.</summary>
public static class HomeEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapHomes(this RouteGroupBuilder api)
    {
        var home = api.MapGroup("/groups/{groupId}/children/{childId}/home").WithTags("Families");
        home.MapGet("/", Get).WithName("getHome");
        home.MapPut("/", Change).WithName("changeHome");
    }

    private static async Task<Ok<HomeOfChild>> Get(
        string groupId,
        string childId,
        NidoDb db,
        Content content,
        CancellationToken stop
    ) => TypedResults.Ok(HomeOfChild.Of((await db.TheChildAsync(groupId, childId, stop)).ToCore(), content));

    private static async Task<Ok<HomeOfChild>> Change(
        string groupId,
        string childId,
        HomeBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await db.TheChildAsync(groupId, childId, stop);
        row.AtHome = new(
            body.Email?.Trim() ?? "",
            body.Things is null ? null : [.. body.Things.Distinct().Order(StringComparer.Ordinal)],
            body.YoungestBornOn
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(HomeOfChild.Of(row.ToCore(), content));
    }
}

/// <summary>What is told of a home. Without things a usual home is meant.</summary>
public sealed record HomeBody(string? Email, IReadOnlyList<string>? Things, DateOnly? YoungestBornOn);

/// <summary>A home, to be ticked.</summary>
/// <param name="Email">Where letters go; empty where the family gets paper.</param>
/// <param name="IsUsual">Nobody said what it has: a usual home is meant.</param>
/// <param name="Kinds">What can be ticked.</param>
/// <param name="YoungestBornOn">Birth date of the youngest there beside this child.</param>
public sealed record HomeOfChild(
    string Email,
    bool IsUsual,
    IReadOnlyList<HomeKindView> Kinds,
    DateOnly? YoungestBornOn
)
{
    /// <summary>The home of a child.</summary>
    public static HomeOfChild Of(Child child, Content content)
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(content);
        var has = HomeActivities.Has(content.HomeKinds, child);
        return new(
            child.AtHome.Email,
            child.AtHome.Things is null,
            [.. content.HomeKinds.Select(k => new HomeKindView(k.Id, k.Name, has.Contains(k.Id)))],
            child.AtHome.YoungestBornOn
        );
    }
}

/// <summary>A kind of thing a home may have.</summary>
public sealed record HomeKindView(string Id, Said Name, bool Has);

internal sealed class HomeBodyValidator : AbstractValidator<HomeBody>
{
    public HomeBodyValidator(Content content, TimeProvider time)
    {
        RuleFor(h => h.Email)
            .Must(e => string.IsNullOrWhiteSpace(e) || IsAddress(e))
            .Says(
                $"This is no address for mail. Write one like name@house.example, or leave it empty: the family gets paper."
            );
        RuleForEach(h => h.Things)
            .Must(t => content.HomeKinds.Any(k => k.Id == t))
            .Says(
                (_, t) =>
                    $"{t} is nothing that can be ticked. These are: {string.Join(", ", content.HomeKinds.Select(k => k.Id))}."
            );
        RuleFor(h => h.YoungestBornOn)
            .Must(b => b is null || (b <= DateOnly.FromDateTime(time.GetLocalNow().DateTime) && b.Value.Year >= 2000))
            .Says($"A birth date lies in the past.");
    }

    /// <summary>Whether a text is an address mail can go to: one box, with a house after the @.</summary>
    public static bool IsAddress(string text) =>
        text.Trim() is { Length: <= 200 } one
        && MailboxAddress.TryParse(one, out var box)
        && box.Address == one
        && box.Domain.Length > 0;
}
