using System.Globalization;
using System.Security.Cryptography;

namespace Juxtherm.App.Helpers;

/// <summary>A word by which one device may come in.</summary>
/// <param name="Code">Six figures.</param>
/// <param name="Name">What the device will be called.</param>
/// <param name="Role">What it may do.</param>
/// <param name="ExpiresUtc">Until when it counts.</param>
public sealed record PairingOffer(string Code, string Name, HelperRole Role, DateTimeOffset ExpiresUtc);

/// <summary>What came of a word that somebody typed.</summary>
public enum PairingOutcome
{
    /// <summary>The device was let in.</summary>
    LetIn,

    /// <summary>That is not the word.</summary>
    Wrong,

    /// <summary>There is no word at the moment: none was asked for, it was used, or its time is over.</summary>
    None,

    /// <summary>Too many wrong words: it does not count any more.</summary>
    TooMany,
}

/// <summary>Lets devices in, one at a time: a word of six figures counts for two minutes, for one device, and for five tries. A guess has a
/// chance of one in two hundred thousand, and costs the word.</summary>
/// <param name="book">The devices.</param>
/// <param name="clock">The time.</param>
public sealed class Pairing(DeviceBook book, TimeProvider clock)
{
    /// <summary>How long a word counts.</summary>
    public static readonly TimeSpan Lasts = TimeSpan.FromMinutes(2);

    /// <summary>How many wrong words there may be.</summary>
    public const int MostTries = 5;

    private const int Words = 1_000_000;
    private readonly Lock _one = new();
    private PairingOffer? _offer;
    private int _wrong;

    /// <summary>The word that counts now; null for none.</summary>
    public PairingOffer? Now
    {
        get
        {
            lock (_one)
                return Live;
        }
    }

    /// <summary>Makes a word; one that was made before does not count any more.</summary>
    /// <param name="name">What the device will be called.</param>
    /// <param name="role">What it may do.</param>
    public PairingOffer Offer(string name, HelperRole role)
    {
        lock (_one)
        {
            _wrong = 0;
            return _offer = new PairingOffer(RandomNumberGenerator.GetInt32(Words).ToString("D6", CultureInfo.InvariantCulture), name, role,
                clock.GetUtcNow() + Lasts);
        }
    }

    /// <summary>Takes the word back.</summary>
    public void Withdraw()
    {
        lock (_one)
            _offer = null;
    }

    /// <summary>Lets a device in by a word.</summary>
    /// <param name="code">The word, as it was typed.</param>
    /// <returns>What came of it, and the key where it was let in.</returns>
    public (PairingOutcome Outcome, string? Key) Take(string code)
    {
        lock (_one)
        {
            if (Live is not { } offer)
                return (_wrong >= MostTries ? PairingOutcome.TooMany : PairingOutcome.None, null);
            var typed = new string([.. code.Where(char.IsAsciiDigit)]);
            if (!CryptographicOperations.FixedTimeEquals(System.Text.Encoding.ASCII.GetBytes(typed),
                System.Text.Encoding.ASCII.GetBytes(offer.Code)))
            {
                if (++_wrong < MostTries)
                    return (PairingOutcome.Wrong, null);
                _offer = null;
                return (PairingOutcome.TooMany, null);
            }

            _offer = null;
            return (PairingOutcome.LetIn, book.Add(offer.Name, offer.Role).Key);
        }
    }

    private PairingOffer? Live => _offer is { } offer && clock.GetUtcNow() < offer.ExpiresUtc ? offer : null;
}
