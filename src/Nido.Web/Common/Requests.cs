namespace Nido.Web.Common;

/// <summary>Reading raw bodies.</summary>
public static class Requests
{
    /// <summary>The whole body; what is too large for a table is judged by the reader, which can say so in
    /// words.</summary>
    public static async Task<byte[]> BytesAsync(this HttpRequest request, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(request);
        using var memory = new MemoryStream();
        await request.Body.CopyToAsync(memory, stop);
        return memory.ToArray();
    }

    /// <summary>The body, no more of it than can be taken: who reads it sees that it is too much.</summary>
    public static async Task<byte[]> UpToAsync(this HttpRequest request, int most, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(request);
        using var memory = new MemoryStream();
        var buffer = new byte[81920];
        for (int read; memory.Length < most && (read = await request.Body.ReadAsync(buffer, stop)) > 0; )
        {
            memory.Write(buffer, 0, read);
        }

        return memory.ToArray();
    }
}
