using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Editing;

/// <summary>A job file after work on its artwork.</summary>
/// <param name="Job">The file; what it holds besides is as it was.</param>
/// <param name="Notices">What was left out or done otherwise than drawn.</param>
public sealed record DeskAnswer(JsonObject Job, IReadOnlyList<Notice> Notices);
