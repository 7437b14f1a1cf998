using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Data;

namespace Nido.Web.Common;

/// <summary>The catalogue with what the house has of its own: every reader gets it, so that nothing of one's own passes a
/// rule by. Read anew only where something of one's own changed.</summary>
/// <param name="shipped">What comes with Nido.</param>
/// <param name="stamp">Changes of the site.</param>
/// <param name="folder">Where the database lies.</param>
public sealed class HouseContent(ShippedContent shipped, SiteStamp stamp, SiteFolder folder)
{
    private readonly Lock turn = new();
    private long seen = -1;
    private string written = "";
    private Content now = shipped.Content;

    /// <summary>The catalogue as it is now.</summary>
    public Content Now
    {
        get
        {
            var value = stamp.Value;
            lock (turn)
            {
                if (seen != value)
                {
                    Read();
                    seen = value;
                }

                return now;
            }
        }
    }

    private void Read()
    {
        using var db = new NidoDb(
            new DbContextOptionsBuilder<NidoDb>().UseSqlite(Site.Connection(folder.File)).Options
        );
        // Photos are not read: no rule looks at them.
        OwnDraft[] own =
        [
            .. db
                .Own.IgnoreQueryFilters()
                .AsNoTracking()
                .Select(o => new OwnDraft(o.Id, o.Material, o.Idea, o.BinnedAt == null)),
        ];
        var text = JsonSerializer.Serialize(own);
        if (text != written)
        {
            // What is kept for the same content goes on being right: it is the same object.
            (written, now) = (text, own.Length == 0 ? shipped.Content : shipped.Content.With(own));
        }
    }
}

/// <summary>The catalogue as it comes with Nido.</summary>
/// <param name="Content">Without anything of a house.</param>
public sealed record ShippedContent(Content Content);
