package org.soberhem.core.silhouette;

/**
 * What makes a period's outline, as a range of one quantity.
 *
 * @param id kebab-case name
 * @param title for people
 * @param garment kind of garment that it judges
 * @param from first year
 * @param to last year
 * @param quantity what is judged
 * @param ratio whether the quantity is a ratio, otherwise a length
 * @param least of what is right, in millimetres or as a ratio
 * @param most of what is right
 * @param near how far outside is still near
 * @param judged from the draft or at a fitting
 * @param why the reason
 * @param below what to do where it is less
 * @param above what to do where it is more
 * @param evidence kind of evidence, such as "from memory"
 */
public record Rule(
        String id,
        String title,
        String garment,
        int from,
        int to,
        String quantity,
        boolean ratio,
        double least,
        double most,
        double near,
        Judged judged,
        String why,
        String below,
        String above,
        String evidence) {

    /** Where the quantity comes from. */
    public enum Judged {
        DRAFT,
        FITTING
    }

    public boolean appliesTo(String kind, int year) {
        return garment.equals(kind) && year >= from && year <= to;
    }
}
