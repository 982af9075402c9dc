<?php

declare(strict_types=1);

namespace App\Offer\Contents;

/** Who does a service, where, at which parts of the day and with what: the lists beside its row, each in its order. */
final readonly class ServiceLists
{
    /**
     * @param  list<string>  $staff ids
     * @param  list<string>  $locations ids
     * @param  list<string>  $dayparts ids
     * @param  list<NeedContent>  $resources
     */
    public function __construct(
        public array $staff,
        public array $locations,
        public array $dayparts,
        public array $resources,
    ) {
    }
}
