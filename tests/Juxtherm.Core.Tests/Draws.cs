using FsCheck.Xunit;
using Juxtherm.Core.Tests;

[assembly: Draws]

namespace Juxtherm.Core.Tests;

/// <summary>
/// Properties draw the same cases in every run, so that a red run means that something changed. With JUXTHERM_EXPLORE set they draw
/// new ones: that is how faults nobody thought of are looked for.
/// </summary>
[AttributeUsage(AttributeTargets.Assembly)]
internal sealed class DrawsAttribute : PropertiesAttribute
{
    public DrawsAttribute([System.Runtime.CompilerServices.CallerFilePath] string? sourceFilePath = null,
        [System.Runtime.CompilerServices.CallerLineNumber] int sourceLineNumber = -1)
        : base()
    {
        _ = (sourceFilePath, sourceLineNumber);
        if (Environment.GetEnvironmentVariable("JUXTHERM_EXPLORE") is null)
            Replay = "15485863,32452843";
    }
}
