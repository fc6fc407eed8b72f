<?php

declare(strict_types=1);

namespace Cresco\Core\Planning;

/** What a job is of. Where two are as urgent, that one stands first that is named first here. */
enum JobType: string
{
    /** A figure of the water asks for something. */
    case Concern = 'concern';

    /** Dechlorinator that is still to go in, and other small jobs that a session left. */
    case FollowUp = 'after';

    /** New animals that wait in their bag. */
    case Arrival = 'arrival';

    /** A checklist that is written. */
    case Checklist = 'sheet';

    /** The results by which the forecast of a change is checked. */
    case NextDay = 'next_day';

    case Change = 'change';

    /** The look whether a treatment helped. */
    case CheckUp = 'check';

    /** A plant group is to be trimmed. */
    case Trim = 'stand';

    /** Leaves of a plant group die back after planting. */
    case Melt = 'melt';

    /** The look whether a changed dose did anything. */
    case DoseLook = 'dose_look';

    /** Work of the catalogue that comes again. */
    case Task = 'task';

    case Dose = 'dose';

    case RootTabs = 'capsules';

    /** A job that the keeper set up. */
    case Chore = 'chore';

    /** The end of a quarantine. */
    case Quarantine = 'quarantine';

    /** A meter is to be calibrated. */
    case Meter = 'pen';

    /** A membrane holds back less and less. */
    case Membrane = 'store';

    /** Something runs out, and is to be bought or made. */
    case Supply = 'supply';

    /** Whether its key names the tank: a record that is counted over all tanks needs none. */
    public function isOfTank(): bool
    {
        return !in_array($this, [self::Checklist, self::CheckUp, self::Chore, self::Quarantine, self::Meter, self::Membrane, self::Supply], true);
    }
}
