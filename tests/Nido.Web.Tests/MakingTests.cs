using System.Reflection;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>The calculators over HTTP, with the field names that are published.</summary>
public sealed class MakingTests(PlainApp plain) : IClassFixture<PlainApp>
{
    /// <summary>An ask that every calculator takes, by its name.</summary>
    public static IEnumerable<(string Name, string Ask)> ValidAsks =>
        typeof(MakingTests)
            .GetMethod(nameof(Every_calculator_answers_with_its_trace))!
            .GetCustomAttributes<InlineDataAttribute>()
            .Select(a => ((string)a.Data[0]!, (string)a.Data[1]!));

    [Theory]
    [InlineData(
        "arc-rows",
        """{"outerRadius":110,"rowPitch":15,"rows":4,"pieceSize":14,"gap":2,"children":1}""",
        "piecesPerRow",
        "[21,18,15,12]"
    )]
    [InlineData("session-kits", """{"expected":{"under-2":6,"2-3":8,"4":7,"5":3},"oneKit":true}""", "total", "32")]
    [InlineData("pack-mix", """{"needs":{"red":3},"packCount":10,"packShares":{"red":0.5,"blue":0.5}}""", "packs", "1")]
    [InlineData("frame", """{"shape":"cube","stickLength":100}""", "bracesToStandStill", "6")]
    [InlineData(
        "frame",
        """{"joints":[[0,0,0],[1,0,0],[0,1,0],[0,0,1]],"sticks":[[0,1],[0,2],[0,3],[1,2],[1,3],[2,3]]}""",
        "bracesToStandStill",
        "0"
    )]
    [InlineData(
        "stack",
        """{"blocks":[{"width":100,"depth":100,"height":20,"mass":0},{"width":100,"depth":100,"height":20,"mass":5,"offsetX":50}]}""",
        "stands",
        "true"
    )]
    [InlineData(
        "thread",
        """{"pieceLengths":{"red":10},"pattern":["red"],"mirrored":false,"targetLength":100,"lace":{"diameter":2},"hole":5}""",
        "repeats",
        "10"
    )]
    [InlineData("radial-cuts", """{"diameter":180,"diameters":3,"pattern":["a","b","c"]}""", "patternFits", "true")]
    [InlineData(
        "strips-squares",
        """{"sheetWidth":210,"sheetHeight":297,"strip":20,"square":20,"children":1,"squaresPerChild":10}""",
        "cuts",
        "150"
    )]
    [InlineData("name-sets", """{"names":["Zoë"],"case":"upper"}""", "pieces", "3")]
    [InlineData("missing-numbers", """{"from":1,"to":3,"gaps":1,"seed":4,"avoidEnds":true}""", "pegs", "[2]")]
    [InlineData("fill-to-number", """{"labels":[1,2,3,4,5],"children":1}""", "perChild", "15")]
    [InlineData(
        "dots",
        """{"numerals":[1,2,3],"holeDiameter":6,"cardWidth":80,"cardHeight":60,"margin":5,"gap":3}""",
        "perSet",
        "6"
    )]
    [InlineData("pattern-cards", """{"kind":"ring","colours":["red","blue"],"length":6}""", "possible", "14")]
    [InlineData("two-ended-sticks", """{"colours":["a","b","c","d","e"]}""", "distinct", "10")]
    [InlineData("two-lines", """{"shape":"square","size":90,"distance":9}""", "constant", "true")]
    [InlineData("stick-cards", """{"sticks":2,"length":40,"cards":1}""", "cards", null)]
    [InlineData("two-ended-sticks/card", """{"set":[["a","b"]],"card":[["b","a"]]}""", "buildable", "true")]
    [InlineData(
        "fits-through",
        """{"piece":{"shape":"box","length":90,"width":40,"height":30},"opening":{"shape":"round","diameter":50}}""",
        "passes",
        "true"
    )]
    [InlineData(
        "two-opening-set",
        """{"pieces":[{"shape":"sphere","diameter":20},{"shape":"sphere","diameter":40}],"small":{"shape":"round","diameter":25},"large":{"shape":"round","diameter":45}}""",
        "fair",
        "true"
    )]
    [InlineData(
        "target-game",
        """{"hits":8,"tries":10,"distance":1000,"minDistance":500,"maxDistance":3000}""",
        "nextDistance",
        "1250"
    )]
    [InlineData(
        "mix-colours",
        """{"have":["blue"],"want":["green"]}""",
        "cannot",
        """[{"want":"green","missing":["yellow"]}]"""
    )]
    [InlineData(
        "sheet-yield",
        """{"sheetWidth":210,"sheetHeight":297,"pieceWidth":40,"pieceHeight":60,"needed":1}""",
        "perSheet",
        "21"
    )]
    [InlineData("glue", """{"lineLength":1000,"beadWidth":4}""", "mlEach", "6.283")]
    [InlineData(
        "cover-area",
        """{"area":20000,"piece":{"shape":"box","length":20,"width":20,"height":1},"packing":0.5}""",
        "most",
        "25"
    )]
    [InlineData("container-capacity", """{"volume":1000,"piece":{"shape":"sphere","diameter":20}}""", "fewest", "131")]
    [InlineData(
        "peg-wheel",
        """{"diameter":200,"thickness":2,"material":"card","pegMass":10,"pegs":3,"grip":"centre"}""",
        "holds",
        "true"
    )]
    [InlineData(
        "screw-board",
        """{"shapes":[{"shape":"square","width":100,"height":100}],"screwLength":15,"boardThickness":18,"spacing":25,"driver":"cross","head":"cross"}""",
        "screws",
        "16"
    )]
    [InlineData(
        "similar-set",
        """{"features":[{"name":"flag","values":["up","down"]}],"pairs":1,"differBy":1}""",
        "pairs",
        null
    )]
    [InlineData("direction-strips", """{"length":2,"strips":4,"directions":["up","down"],"seed":1}""", "pieces", "8")]
    [InlineData("tray-fill", """{"length":300,"width":200,"depth":3,"material":"salt"}""", "volumeMl", "180")]
    [InlineData(
        "recipe-scale",
        """{"recipe":"bubbles","children":10,"amountEach":100,"measures":"us"}""",
        "allergens",
        """["soap"]"""
    )]
    public async Task Every_calculator_answers_with_its_trace(string name, string ask, string field, string? answer)
    {
        var (status, body) = await plain.App.SendAsync(HttpMethod.Post, $"/api/making/{name}", JsonNode.Parse(ask));
        status.ShouldBe(200, body.ToJsonString());
        body["trace"]!.AsArray().Count.ShouldBeGreaterThan(0);
        body.AsObject().ContainsKey(field).ShouldBeTrue();
        (answer is null || body[field]!.ToJsonString() == answer).ShouldBeTrue(
            $"{body[field]!.ToJsonString()} instead of {answer}"
        );
    }

    [Theory]
    [InlineData(
        "arc-rows",
        """{"outerRadius":40,"rowPitch":15,"rows":4,"pieceSize":14,"gap":2,"children":1}""",
        "rows",
        "4"
    )]
    [InlineData(
        "arc-rows",
        """{"outerRadius":-1,"rowPitch":15,"rows":4,"pieceSize":14,"gap":2,"children":1}""",
        "outerRadius",
        "-1"
    )]
    [InlineData("glue", """{"lineLength":1000,"beadWidth":"wide"}""", "beadWidth", "\"wide\"")]
    [InlineData("glue", """{"lineLength":1e300,"beadWidth":4}""", "lineLength", "1E+300")]
    [InlineData("pattern-cards", """{"kind":"ABC","colours":["a","b","c"],"length":5}""", "length", "5")]
    [InlineData("frame", """{"joints":[[0,0,0],[1,0,0],[0,1,0],[5,5,5]],"sticks":[[0,1],[1,2]]}""", "joints", "3")]
    [InlineData("name-sets", """{}""", "names", "null")]
    [InlineData("recipe-scale", """{"recipe":"dough-wheat-raw","children":0,"amountEach":100}""", "children", "0")]
    public async Task What_cannot_be_made_names_field_value_and_way_out(
        string name,
        string ask,
        string field,
        string value
    )
    {
        var (status, problem) = await plain.App.SendAsync(HttpMethod.Post, $"/api/making/{name}", JsonNode.Parse(ask));
        status.ShouldBe(400, problem.ToJsonString());
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe(field);
        problem["fields"]![0]!["value"]!.GetValue<string>().ShouldBe(value);
        problem["fields"]![0]!["message"]!.GetValue<string>().Length.ShouldBeGreaterThan(10);
    }

    [Fact]
    public async Task Text_that_is_not_JSON_is_a_plain_problem()
    {
        using var content = new StringContent("{\"lineLength\": NaN}", System.Text.Encoding.UTF8, "application/json");
        var answer = await plain.App.Client.PostAsync(
            new Uri("/api/making/glue", UriKind.Relative),
            content,
            NidoApp.Stop
        );
        ((int)answer.StatusCode).ShouldBe(400);
        JsonNode.Parse(await answer.Content.ReadAsStringAsync(NidoApp.Stop))!["fields"]![0]!["message"]!
            .GetValue<string>()
            .ShouldContain("written plainly");
    }
}
