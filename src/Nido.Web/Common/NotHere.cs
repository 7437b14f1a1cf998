using Microsoft.AspNetCore.Diagnostics;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Data;
using Nido.Data.Rows;

namespace Nido.Web.Common;

/// <summary>What an address names is not here: said in one place, 404 with a sentence and the way out.</summary>
public sealed class NotHere : IExceptionHandler
{
    /// <summary>No such week.</summary>
    public static readonly Said Week =
        $"This week is not here: it was taken away, or never was. The others stand in Weeks; what was taken away lies in the bin.";

    /// <summary>No such group.</summary>
    public static readonly Said Group =
        $"This group is not here: it was taken away, or never was. What was taken away lies in the bin.";

    /// <summary>No such child in the group.</summary>
    public static readonly Said Child =
        $"This child is not in the group: it was taken out, or never was. What was taken away lies in the bin.";

    /// <summary>No such place in the week.</summary>
    public static readonly Said Place = $"The week has no such place. Its days, blocks and offers stand in Week.";

    /// <summary>No such material.</summary>
    public static readonly Said Material = $"This material is not known. All known ones stand in Cupboard.";

    /// <summary>No such theme.</summary>
    public static readonly Said Theme =
        $"This theme is not here: it was taken out, or never was. The others stand in Ideas.";

    /// <summary>No such way of working in the catalogue.</summary>
    public static readonly Said Technique = $"This way of working is not in the catalogue. All of them stand in Ideas.";

    /// <summary>Nothing of one's own under this id.</summary>
    public static readonly Said Own =
        $"This is not here: it was taken out, or never was one's own. What was taken away lies in the bin.";

    /// <summary>No such ladder.</summary>
    public static readonly Said Ladder = $"This ladder is not known. All ladders stand in Group.";

    /// <summary>No such idea in the week.</summary>
    public static readonly Said Idea = $"This week has no such idea. Those it has stand in Ideas.";

    /// <summary>No such picture, or none that may be looked at.</summary>
    public static readonly Said Picture =
        $"This picture is not here: it was taken away, or a family no longer allows it. What is kept stands in Journal.";

    /// <summary>No photo of a material of one's own.</summary>
    public static readonly Said Photo = $"No photo of it was taken yet.";

    /// <summary>Taken back already.</summary>
    public static readonly Said TakenBack = $"This was taken back already, or never was. Look at it as it is now.";

    /// <summary>No such backup.</summary>
    public static readonly Said Backup = $"There is no such backup. Those there are stand in House.";

    /// <summary>Nothing is being composed.</summary>
    public static readonly Said Composition = $"Nothing is being composed for this week. Compose it in Week.";

    /// <inheritdoc />
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        if (exception is not NotHereException what)
        {
            return false;
        }

        await Problems.Refusal(StatusCodes.Status404NotFound, $"Not found", what.What).ExecuteAsync(httpContext);
        return true;
    }
}

/// <summary>What an address names is not here.</summary>
/// <param name="what">A sentence with the way out.</param>
public sealed class NotHereException(Said what) : Exception($"{what}")
{
    /// <summary>A sentence with the way out.</summary>
    public Said What { get; } = what;
}

/// <summary>Looking things up by what an address names.</summary>
public static class Lookups
{
    /// <summary>The thing, or the end of the request with a sentence.</summary>
    public static T Found<T>(this T? thing, Said otherwise)
        where T : class => thing ?? throw new NotHereException(otherwise);

    /// <summary>The value, or the end of the request with a sentence.</summary>
    public static T Found<T>(this T? thing, Said otherwise)
        where T : struct => thing ?? throw new NotHereException(otherwise);

    /// <summary>The group of an address.</summary>
    public static async Task<ChildrenGroup> TheGroupAsync(this NidoDb db, string groupId, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        return (await db.GroupAsync(groupId, stop)).Found(NotHere.Group);
    }

    /// <summary>The child of an address.</summary>
    public static async Task<ChildRow> TheChildAsync(
        this NidoDb db,
        string groupId,
        string childId,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        return (await db.Children.SingleOrDefaultAsync(c => c.GroupId == groupId && c.Id == childId, stop)).Found(
            NotHere.Child
        );
    }

    /// <summary>The ladder of an address.</summary>
    public static Ladder TheLadder(this Content content, string ladder)
    {
        ArgumentNullException.ThrowIfNull(content);
        return content.Ladders.GetValueOrDefault(ladder).Found(NotHere.Ladder);
    }

    /// <summary>The row of the group of an address.</summary>
    public static async Task<GroupRow> TheGroupRowAsync(this NidoDb db, string groupId, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        return (await db.GroupRowAsync(groupId, stop)).Found(NotHere.Group);
    }
}
