<?php

declare(strict_types=1);

namespace Cresco\Core\Measure;

/**
 * A dissolved nutrient as the ion for one mass of its nitrogen or phosphorus.
 *
 * Ratios of molar masses (IUPAC 2021 atomic weights: N 14.007, O 15.999, H 1.008, P 30.974).
 */
final class MassConcentration
{
    /** mg/L of nitrate in one mg/L of its nitrogen, by molar masses. IUPAC 2021. */
    public const NITRATE_PER_NITROGEN = 62.004 / 14.007;

    /** mg/L of nitrite in one mg/L of its nitrogen, by molar masses. IUPAC 2021. */
    public const NITRITE_PER_NITROGEN = 46.005 / 14.007;

    /** mg/L of ammonium in one mg/L of its nitrogen, by molar masses. IUPAC 2021. */
    public const AMMONIUM_PER_NITROGEN = 18.039 / 14.007;

    /** mg/L of ammonia in one mg/L of its nitrogen, by molar masses. IUPAC 2021. */
    public const AMMONIA_PER_NITROGEN = 17.031 / 14.007;

    /** mg/L of phosphate in one mg/L of its phosphorus, by molar masses. IUPAC 2021. */
    public const PHOSPHATE_PER_PHOSPHORUS = 94.970 / 30.974;
}
