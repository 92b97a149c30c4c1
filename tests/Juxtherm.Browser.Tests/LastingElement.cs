using System.Collections.ObjectModel;
using System.Drawing;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>An element that is found again when the page drew it anew between seeing it and touching it, as a person would.</summary>
/// <param name="found">As it was found.</param>
/// <param name="again">Finds it again.</param>
internal sealed class LastingElement(IWebElement found, Func<IWebElement> again) : IWebElement, IWrapsElement
{
    private const int Tries = 4;
    private IWebElement _element = found;

    public IWebElement WrappedElement => _element;

    public string TagName => Do(e => e.TagName);

    public string Text => Do(e => e.Text);

    public bool Enabled => Do(e => e.Enabled);

    public bool Selected => Do(e => e.Selected);

    public Point Location => Do(e => e.Location);

    public Size Size => Do(e => e.Size);

    public bool Displayed => Do(e => e.Displayed);

    public void Clear() => Do(e => e.Clear());

    public void SendKeys(string text) => Do(e => e.SendKeys(text));

    public void Submit() => Do(e => e.Submit());

    public void Click() => Do(e => e.Click());

    public string? GetAttribute(string attributeName) => Do(e => e.GetAttribute(attributeName));

    public string? GetDomAttribute(string attributeName) => Do(e => e.GetDomAttribute(attributeName));

    public string? GetDomProperty(string propertyName) => Do(e => e.GetDomProperty(propertyName));

    public string GetCssValue(string propertyName) => Do(e => e.GetCssValue(propertyName));

    public ISearchContext GetShadowRoot() => Do(e => e.GetShadowRoot());

    public IWebElement FindElement(By by) => Do(e => e.FindElement(by));

    public ReadOnlyCollection<IWebElement> FindElements(By by) => Do(e => e.FindElements(by));

    private void Do(Action<IWebElement> what) => Do<object?>(e =>
    {
        what(e);
        return null;
    });

    private T Do<T>(Func<IWebElement, T> what)
    {
        for (var tries = 1; ; tries++)
        {
            try
            {
                return what(_element);
            }
            catch (StaleElementReferenceException) when (tries < Tries)
            {
                _element = again();
            }
        }
    }
}
