package welumen.measure;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** An amount of one currency, kept exactly; never more decimals than the currency has. */
public record Money(BigDecimal amount, Currency currency) {
    private static final Map<String, String> SIGNS = Map.of("£", "GBP", "€", "EUR", "$", "USD");
    private static final Pattern TEXT =
            Pattern.compile("(-?)\\s*([£€$]|[A-Za-z]{3})?\\s*([\\d.,]+)\\s*([£€$]|[A-Za-z]{3})?");

    /** Figures behind a comma that can only be thousands, for no money has three decimals; behind a point they may be a slip. */
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(?:,\\d{3})+(?:[.]\\d{1,2})?");

    private static final int MOST_DECIMALS = 2;

    /** @throws IllegalArgumentException if the amount has more decimals than the currency */
    public Money {
        var decimals = Math.max(0, currency.getDefaultFractionDigits());
        if (amount.stripTrailingZeros().scale() > decimals)
            throw new IllegalArgumentException(
                    "The amount [%s] has more decimals than %s has.".formatted(amount, currency));
        amount = amount.setScale(decimals);
    }

    /** Whole units of a currency given by its three letters. */
    public static Money of(long units, String currency) {
        return new Money(BigDecimal.valueOf(units), Currency.getInstance(currency));
    }

    /** Reads {@code £310}, {@code 310.50 GBP}, {@code € 42,50}, {@code £3,400}; without a sign it is in {@code usual}. */
    public static Parsed<Money> parse(String text, Currency usual) {
        var match = TEXT.matcher(text.strip());
        if (!match.matches())
            return new Refused<>("“%s” is not an amount of money. Type it as 310 or £310.50."
                    .formatted(NumberText.shortened(text.strip())));
        var sign = match.group(2) != null ? match.group(2) : match.group(4);
        if (match.group(2) != null && match.group(4) != null && !match.group(2).equals(match.group(4)))
            return new Refused<>("“%s” names two currencies. Leave one.".formatted(text.strip()));
        return currency(sign, usual)
                .flatMap(currency -> NumberText.read(ungrouped(match.group(3), currency), currency.getCurrencyCode())
                        .flatMap(number -> amount(match.group(1).isEmpty() ? number : number.negate(), currency)));
    }

    /** As {@code £1310.50}, or {@code 1310.50 CHF} where the currency has no common sign. No comma for thousands. */
    public String print() {
        if (!SIGNS.containsValue(currency.getCurrencyCode()))
            return amount.toPlainString() + " " + currency.getCurrencyCode();
        return (amount.signum() < 0 ? "-" : "") + sign() + amount.abs().toPlainString();
    }

    /** “£”; or “CHF ” where the currency has no common sign. */
    public String sign() {
        return SIGNS.entrySet().stream()
                .filter(sign -> sign.getValue().equals(currency.getCurrencyCode()))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(currency.getCurrencyCode() + " ");
    }

    /** @throws IllegalArgumentException if the currencies differ */
    public Money plus(Money other) {
        if (!currency.equals(other.currency))
            throw new IllegalArgumentException(
                    "[%s] and [%s] are of two currencies. Convert one first.".formatted(print(), other.print()));
        return new Money(amount.add(other.amount), currency);
    }

    private static Parsed<Currency> currency(@Nullable String sign, Currency usual) {
        if (sign == null) return new Understood<>(usual);
        try {
            return new Understood<>(Currency.getInstance(SIGNS.getOrDefault(sign, sign.toUpperCase(Locale.ROOT))));
        } catch (IllegalArgumentException unknown) {
            return new Refused<>("“%s” is no currency. Use its three letters, as GBP.".formatted(sign));
        }
    }

    private static String ungrouped(String digits, Currency currency) {
        return THOUSANDS.matcher(digits).matches() && currency.getDefaultFractionDigits() <= MOST_DECIMALS
                ? digits.replace(",", "")
                : digits;
    }

    private static Parsed<Money> amount(BigDecimal number, Currency currency) {
        if (number.scale() > Math.max(0, currency.getDefaultFractionDigits())) // 1.200 may be meant for 1200
        return new Refused<>("“%s” has more decimals than %s has. Type it without a point where it is thousands."
                .formatted(number, currency.getCurrencyCode()));
        return new Understood<>(new Money(number, currency));
    }
}
