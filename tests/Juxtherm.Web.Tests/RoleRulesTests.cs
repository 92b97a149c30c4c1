using Juxtherm.App.Helpers;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Tests;

/// <summary>What a device's role allows, by the address that it asks.</summary>
public sealed class RoleRulesTests
{
    [Theory]
    [InlineData("PATCH", "/api/log/1", true)]
    [InlineData("POST", "/api/log/1/washes", true)]
    [InlineData("POST", "/api/log/1/photos", true)]
    [InlineData("DELETE", "/api/log/1/washes/2", false)]
    [InlineData("POST", "/api/log/1/as-used", false)]
    [InlineData("PATCH", "/api/jobs/1", false)]
    [InlineData("PATCH", "/api/log", false)]
    public void Of_the_logbook_who_presses_may_write_and_who_looks_may_not(string method, string path, bool presses)
    {
        Assert.Equal(presses, RoleRules.May(HelperRole.Press, method, path));
        Assert.False(RoleRules.May(HelperRole.Look, method, path));
    }
}
