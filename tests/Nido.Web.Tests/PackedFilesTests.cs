using System.IO.Compression;
using System.Net;
using System.Text;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Nido.Web.Tests;

/// <summary>An empty house with two scripts, of which one is packed as well.</summary>
public sealed class PackedHouse : IDisposable
{
    public const string Script = "console.log('paper and thread, paper and thread');";
    public const string OnlyPlain = "console.log('nobody packed this');";
    private readonly DirectoryInfo root = Directory.CreateTempSubdirectory("nido-root");
    private readonly NidoApp app = new() { Demo = false };
    private readonly WebApplicationFactory<Program> house;

    public PackedHouse()
    {
        var assets = root.CreateSubdirectory("assets").FullName;
        File.WriteAllText(Path.Combine(assets, "main.js"), Script);
        File.WriteAllBytes(Path.Combine(assets, "main.js.br"), Packed(Script));
        File.WriteAllText(Path.Combine(assets, "plain.js"), OnlyPlain);
        house = app.WithWebHostBuilder(builder => builder.UseWebRoot(root.FullName));
        Client = house.CreateClient();
    }

    public HttpClient Client { get; }

    public static byte[] Packed(string text)
    {
        using var bytes = new MemoryStream();
        using (var brotli = new BrotliStream(bytes, CompressionLevel.SmallestSize))
        {
            brotli.Write(Encoding.UTF8.GetBytes(text));
        }

        return bytes.ToArray();
    }

    public void Dispose()
    {
        house.Dispose();
        app.Dispose();
        root.Delete(recursive: true);
    }
}

/// <summary>Scripts as they were packed when the pages were built: the same to everybody, shorter for who can unpack them.</summary>
public sealed class PackedFilesTests(PackedHouse house) : IClassFixture<PackedHouse>
{
    [Theory]
    [InlineData("gzip, deflate, br", true)]
    [InlineData("br;q=0.5", true)]
    [InlineData("br;q=0", false)]
    [InlineData("gzip", false)]
    [InlineData("identity", false)]
    [InlineData(null, false)]
    public async Task Each_reads_the_same_script(string? accepted, bool packed)
    {
        using var answer = await GetAsync("/assets/main.js", accepted);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Equal("text/javascript", answer.Content.Headers.ContentType?.MediaType);
        Assert.Equal(packed, answer.Content.Headers.ContentEncoding.Contains("br"));
        Assert.Contains("immutable", $"{answer.Headers.CacheControl}", StringComparison.Ordinal);
        if (packed)
        {
            Assert.Contains("Accept-Encoding", answer.Headers.Vary);
            Assert.Equal(PackedHouse.Packed(PackedHouse.Script).Length, answer.Content.Headers.ContentLength);
        }

        Assert.Equal(PackedHouse.Script, await ReadAsync(answer));
    }

    [Fact]
    public async Task What_nobody_packed_is_packed_at_the_call()
    {
        using var answer = await GetAsync("/assets/plain.js", "br");
        Assert.Equal(PackedHouse.OnlyPlain, await ReadAsync(answer));
    }

    [Theory]
    [InlineData("/assets/none.js")]
    [InlineData("/assets/../nido.db")]
    [InlineData("/assets/")]
    public async Task What_is_not_there_is_not_there_packed_either(string path)
    {
        using var answer = await GetAsync(path, "br");
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
    }

    private async Task<HttpResponseMessage> GetAsync(string path, string? accepted)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        if (accepted is not null)
        {
            request.Headers.TryAddWithoutValidation("Accept-Encoding", accepted);
        }

        return await house.Client.SendAsync(request, NidoApp.Stop);
    }

    private static async Task<string> ReadAsync(HttpResponseMessage answer)
    {
        var body = await answer.Content.ReadAsStreamAsync(NidoApp.Stop);
        using Stream text = answer.Content.Headers.ContentEncoding.SingleOrDefault() switch
        {
            "br" => new BrotliStream(body, CompressionMode.Decompress),
            "gzip" => new GZipStream(body, CompressionMode.Decompress),
            _ => body,
        };
        using var reader = new StreamReader(text);
        return await reader.ReadToEndAsync(NidoApp.Stop);
    }
}
