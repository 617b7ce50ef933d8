package welumen.yard;

/**
 * Somebody who sells to the yard.
 *
 * @param reach how to reach them
 * @param carries what is bought there
 * @param leadDays how many days pass from an order to the box, as promised; nought where nobody has said
 * @param claimDays within how many days a fault must be claimed; nought where nobody has said
 */
public record Supplier(String name, String reach, String carries, int leadDays, int claimDays) implements Named {
    public Supplier {
        name = Named.checked(name, "supplier");
        if (leadDays < 0 || leadDays > 999 || claimDays < 0 || claimDays > 999)
            throw new IllegalArgumentException(
                    "“%s”: [%d] and [%d] are no days. Give them from 0 to 999.".formatted(name, leadDays, claimDays));
    }
}
