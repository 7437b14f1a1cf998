using Microsoft.EntityFrameworkCore.Migrations;

namespace Nido.Data.Migrations;

/// <summary>
/// The index of everything written down, by SQLite's full text search: marks of letters make no difference, and who and
/// which group are words of it, too. Triggers keep it, so that nothing is found that is no longer there.
/// </summary>
internal static class FindWritten
{
    // An entry has the number of its row times four, and what is added here: so it is found again without looking.
    private static readonly (string Table, string Kind, int Add, string Text, string Who, string Group)[] Sources =
    [
        (
            "observations",
            "seen",
            0,
            "{0}.\"Note\" || ' ' || {0}.\"By\"",
            "{0}.\"ChildId\"",
            "(SELECT c.\"GroupId\" FROM children c WHERE c.\"Id\" = {0}.\"ChildId\")"
        ),
        (
            "notes",
            "note",
            1,
            "{0}.\"Text\" || ' ' || {0}.\"By\"",
            "coalesce({0}.\"ChildId\", '')",
            "{0}.\"GroupId\""
        ),
        ("pictures", "picture", 2, "{0}.\"Words\"", "{0}.\"Of\"", "{0}.\"GroupId\""),
    ];

    /// <summary>Makes the index of what is there.</summary>
    public static void Up(MigrationBuilder sql)
    {
        sql.Sql(
            "CREATE VIRTUAL TABLE found USING fts5("
                + "text, who, grp, kind UNINDEXED, ref UNINDEXED, day UNINDEXED, "
                + "tokenize = \"unicode61 remove_diacritics 2\");"
        );
        // What is erased leaves nothing behind in the index.
        sql.Sql("INSERT INTO found(found, rank) VALUES('secure-delete', 1);");
        foreach (var (table, kind, add, text, who, group) in Sources)
        {
            string Values(string row) =>
                string.Format(
                    System.Globalization.CultureInfo.InvariantCulture,
                    $"4 * {{0}}.\"Id\" + {add}, {text}, {who}, {group}, '{kind}', {{0}}.\"Id\", {{0}}.\"On\"",
                    row
                );
            const string Into = "INSERT INTO found(rowid, text, who, grp, kind, ref, day)";
            var gone = $"DELETE FROM found WHERE rowid = 4 * old.\"Id\" + {add};";
            sql.Sql($"{Into} SELECT {Values("x")} FROM {table} x;");
            sql.Sql(
                $"CREATE TRIGGER {table}_found_new AFTER INSERT ON {table} BEGIN {Into} SELECT {Values("new")}; END;"
            );
            sql.Sql($"CREATE TRIGGER {table}_found_gone AFTER DELETE ON {table} BEGIN {gone} END;");
            sql.Sql(
                $"CREATE TRIGGER {table}_found_changed AFTER UPDATE ON {table} "
                    + $"BEGIN {gone} {Into} SELECT {Values("new")}; END;"
            );
        }
    }

    /// <summary>Takes it away.</summary>
    public static void Down(MigrationBuilder sql)
    {
        foreach (var (table, _, _, _, _, _) in Sources)
        {
            foreach (var when in (string[])["new", "gone", "changed"])
            {
                sql.Sql($"DROP TRIGGER {table}_found_{when};");
            }
        }

        sql.Sql("DROP TABLE found;");
    }
}
