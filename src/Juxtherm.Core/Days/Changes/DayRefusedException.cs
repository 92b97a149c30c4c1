using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>It does not fit the day as it stands.</summary>
/// <param name="code">A stable word.</param>
/// <param name="says">Why, for the reader.</param>
public sealed class DayRefusedException(string code, Phrase says) : RefusedException(code, says);
