<?php

declare(strict_types=1);

namespace App\Tanks;

use App\Units\Show;
use App\View\Finding;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Planning\Concern;
use Cresco\Core\Planning\Urgency;

/** What the water of a tank asks for, in words. */
final readonly class ConcernLine
{
    /** @param list<string> $acts what to do within ten minutes; none when it is no alarm */
    private function __construct(public Urgency $urgency, public string $head, public string $why, public array $acts) {}

    public static function of(Concern $concern, TankWaterQuery $water, Show $show): self
    {
        $parameter = $concern->parameter ?? Parameter::Nitrate;
        $days = (int) floor($concern->value);
        $isGas = str_starts_with($concern->key, 'carbon_dioxide');
        $words = [
            'parameter' => label($parameter),
            'value' => match (true) {
                $concern->key === 'free_ammonia' => Show::plain($concern->value, 3),
                $isGas => Show::plain($concern->value, 0),
                $concern->key === 'open' => $show->limit($parameter, $concern->value),
                ($plantGroups = $water->state()->get($parameter)) !== null => $show->joinedBand($parameter, $plantGroups),
                default => $show->value($parameter, $concern->value),
            },
            'limit' => $concern->key === 'free_ammonia'
                ? Show::plain($concern->limit, 2)
                : ($isGas ? Show::plain($concern->limit, 0) : $show->limit($parameter, $concern->limit)),
            'days' => (string) $days,
        ];
        $at = $water->at($parameter);
        $acts = trans()->has('standing.'.$concern->key.'.acts') ? trans('standing.'.$concern->key.'.acts') : [];
        $why = $concern->key === 'nitrate_soon'
            ? trans_choice('standing.nitrate_soon.why', $days, $words)
            : trans('standing.'.$concern->key.'.why', $words).($at === null ? '' : ' '.ucfirst(trans(
                'standing.source.'.($water->isCarried($parameter) ? 'carried' : ($water->isCarriedOn($parameter) ? 'on' : 'read')),
                ['when' => $show->day($at)],
            )).'.');

        return new self(
            $concern->urgency,
            self::text(trans('standing.'.$concern->key.'.head', $words)),
            $why,
            is_array($acts) ? array_values(array_map(self::text(...), $acts)) : [],
        );
    }

    /** @return list<self> dangers: what will not wait for anything else */
    public static function alarms(TankWaterQuery $water, Show $show): array
    {
        return array_values(array_filter(
            array_map(static fn(Concern $concern): self => self::of($concern, $water, $show), $water->asks()),
            static fn(self $line): bool => $line->isAlarm(),
        ));
    }

    public function isAlarm(): bool
    {
        return $this->urgency === Urgency::Alarm;
    }

    public function finding(): Finding
    {
        return new Finding(match ($this->urgency) {
            Urgency::Alarm, Urgency::Today => Finding::BEYOND,
            default => Finding::HEED,
        }, $this->head.'.', $this->why);
    }

    private static function text(mixed $text): string
    {
        return is_string($text) ? $text : '';
    }
}
