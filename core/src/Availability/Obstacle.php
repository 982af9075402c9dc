<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T19: what stands in the way, as a code; whoever tells of it finds the words. */
enum Obstacle: string
{
    case Outside = 'outside';
    case Break = 'break';
    case Closed = 'closed';
    case NotYet = 'not-yet';
    case NoLonger = 'no-longer';
    case OtherPart = 'other-part';
    case TooSoon = 'too-soon';
    case TooFar = 'too-far';
    case Length = 'length';
    case Party = 'party';
    case NoLocation = 'no-location';
    case NotThere = 'not-there';
    case Nobody = 'nobody';
    case NotAssigned = 'not-assigned';
    case Resting = 'resting';
    case SessionCancelled = 'session-cancelled';
    case SessionPlaces = 'session-places';
    case NoSession = 'no-session';
    case Places = 'places';
    case PlacesLeft = 'places-left';
    case Grid = 'grid';
    case GridFromOpening = 'grid-from-opening';
    case Taken = 'taken';
    case Travel = 'travel';
    case UnitsElsewhere = 'units-elsewhere';
    case UnitsTooFew = 'units-too-few';
    case UnitTaken = 'unit-taken';
    case ServiceFull = 'service-full';
    case MemberFull = 'member-full';
    case Gap = 'gap';
}
