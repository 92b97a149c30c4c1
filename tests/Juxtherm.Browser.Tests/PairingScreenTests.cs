using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Juxtherm.Web.Hosting;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A phone that joins the workshop: the real page, sent by a real browser over HTTPS from another address than the
/// owner's.</summary>
public sealed class PairingScreenTests() : BrowserTest(lan: OwnAddresses.Addresses[0])
{
    private string Outside => $"https://{OwnAddresses.Addresses[0]}:{new Uri(Address).Port}";

    private string Offer(string role)
    {
        using var owner = new HttpClient { BaseAddress = new Uri(Address) };
        using var answer = owner.PostAsJsonAsync("/api/devices/pairing", new { name = "Wren's phone", role }).GetAwaiter().GetResult();
        return (string)JsonNode.Parse(answer.Content.ReadAsStringAsync().GetAwaiter().GetResult())!["code"]!;
    }

    private void Join(string code)
    {
        Type(See("#code"), code);
        See("button").Click();
    }

    [Fact]
    public void A_phone_joins_with_the_code_and_sees_what_its_role_sees()
    {
        var code = Offer("look");
        Driver.Navigate().GoToUrl(Outside);
        Assert.Equal("Join this workshop", See("h1").Text);

        Join(code == "000000" ? "000001" : "000000");
        UntilTrue(() => See("[role=alert]").Text == "That is not the code.", "a wrong code was not told");

        Join(code);
        UntilTrue(() => Driver.Url == Outside + "/" && Driver.FindElements(By.CssSelector("main")).Count > 0
            && Driver.FindElements(By.CssSelector("#code")).Count == 0, "the phone was not let in");
        Assert.Equal("juxtherm-device", Assert.Single(Driver.Manage().Cookies.AllCookies).Name);

        // What is not theirs is told on a page, not in JSON.
        Driver.Navigate().GoToUrl(Outside + "/api/keeping");
        Assert.Equal("Not from this device", See("h1").Text);
        Driver.Navigate().GoToUrl(Outside + "/API/keeping");
        Assert.Equal("No such address", See("h1").Text);
    }

    [Fact]
    public void Whoever_tries_too_often_is_told_on_the_page_and_can_go_on_there()
    {
        Driver.Navigate().GoToUrl(Outside + "/pair");
        bool IsSlowedDown() => See("[role=alert], label").Text.StartsWith("Too many tries from here", StringComparison.Ordinal);
        for (var tries = 0; tries < 40 && !IsSlowedDown(); tries++)
            Join("123456");
        Assert.True(IsSlowedDown());
        See("#code");
    }
}
