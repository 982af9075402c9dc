<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** What the client's choice of codes comes to (rules.md P7). */
final readonly class CodeDesk
{
    /** @param  array<string, OfferCode>  $codes by id */
    public function __construct(private array $codes)
    {
    }

    /**
     * What becomes of each code named: the first that applies stays, more only where all of them combine.
     *
     * @param  callable(OfferCode): int  $worth what a code applies to comes to, before any code
     * @return list<CodeUse>
     */
    public function uses(Order $order, string $service, callable $worth): array
    {
        [$uses, $applied] = [[], []];
        foreach ($order->codes as $at => $named) {
            $code = $this->named($named);
            if ($code === null) {
                $uses[] = new CodeUse($named, null, CodeReason::Unknown);

                continue;
            }
            $reason = $this->hindrance($code, $order, $service, $worth);
            if ($reason === null && (! $this->goesWith($code, $applied) || self::isAgain($order->codes, $at))) {
                $reason = CodeReason::Combines;
            }
            $uses[] = new CodeUse($named, $code, $reason);
            if ($reason === null) {
                $applied[] = $code;
            }
        }

        return $uses;
    }

    private function named(string $named): ?OfferCode
    {
        foreach ($this->codes as $code) {
            if (OfferCode::isSame($named, $code->code)) {
                return $code;
            }
        }

        return null;
    }

    /** @param  callable(OfferCode): int  $worth */
    private function hindrance(OfferCode $code, Order $order, string $service, callable $worth): ?CodeReason
    {
        return match (true) {
            ! $code->isFor($service) => CodeReason::Service,
            ! $code->holdsOn($order->day) => CodeReason::Dates,
            $code->firstVisitOnly && ($order->client->visits ?? []) !== [] => CodeReason::FirstVisit,
            $code->isUsedUp() => CodeReason::Uses,
            $code->isUsedUpBy($order->client) => CodeReason::ClientUses,
            $worth($code) < $code->minimum => CodeReason::Minimum,
            default => null,
        };
    }

    /** @param  list<OfferCode>  $applied */
    private function goesWith(OfferCode $code, array $applied): bool
    {
        foreach ($applied as $other) {
            if (! $code->combines || ! $other->combines) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $codes */
    private static function isAgain(array $codes, int $at): bool
    {
        foreach (array_slice($codes, 0, $at) as $earlier) {
            if (OfferCode::isSame($earlier, $codes[$at])) {
                return true;
            }
        }

        return false;
    }
}
