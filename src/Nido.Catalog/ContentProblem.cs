namespace Nido.Catalog;

/// <summary>Something wrong in a content file.</summary>
/// <param name="File">Path of the file, below the content folder.</param>
/// <param name="Line">Line, 1 first.</param>
/// <param name="Reason">What is wrong and what would be right.</param>
public sealed record ContentProblem(string File, int Line, string Reason)
{
    /// <summary>In the form that builds and editors read: file(line): error NIDO: reason.</summary>
    public override string ToString() => $"{File}({Line}): error NIDO: {Reason}";
}
