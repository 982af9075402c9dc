<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** What `check` finds, as a code; whoever tells of it finds the words. */
enum Fault: string
{
    case NoHours = 'no-hours';
    case NoServices = 'no-services';
    case NoStaff = 'no-staff';
    case NoLocations = 'no-locations';
    case LocationOutside = 'location-outside';
    case MemberNever = 'member-never';
    case MemberNoHours = 'member-no-hours';
    case MemberOutside = 'member-outside';
    case Night = 'night';
    case NoticeBeyondReach = 'notice-beyond-reach';
    case ServiceNowhere = 'service-nowhere';
    case ServiceNever = 'service-never';
    case PartyOverPlaces = 'party-over-places';
    case ServiceNobody = 'service-nobody';
    case ServiceResting = 'service-resting';
    case UnitsNever = 'units-never';
    case UnitsForParty = 'units-for-party';
    case PoolElsewhere = 'pool-elsewhere';
    case NeverOpen = 'never-open';
    case TooLong = 'too-long';
    case NoStart = 'no-start';
    case SessionOverbooked = 'session-overbooked';
    case NothingScheduled = 'nothing-scheduled';
    case MemberOverlap = 'member-overlap';
    case UnitOverlap = 'unit-overlap';
    case RateUnnamed = 'rate-unnamed';
    case SurchargeNever = 'surcharge-never';
    case LevelNever = 'level-never';
    case CodeNever = 'code-never';
}
