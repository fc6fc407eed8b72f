<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\PlantGroup;
use App\Models\RootTab;
use App\Models\Tank;
use App\Tanks\PlantModelQuery;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Cresco\Core\Plants\GrowingGroup;
use Cresco\Core\Plants\PlantCatalogue;
use Cresco\Core\Plants\PlantSpecies;

/** The form of a plant group: kinds to pick from, and the plan on which its place is drawn. */
final readonly class PlantGroupForm
{
    private const WIDE = 560.0;

    /** Records of a kind that are listed. */
    private const LISTED = 12;

    private Show $show;

    public ?GrowingGroup $plantGroup;

    public function __construct(public Tank $tank, public ?PlantGroup $record)
    {
        $this->show = $tank->keeper->show();
        $this->plantGroup = $record === null ? null : PlantModelQuery::tank($tank)->plantGroups[$record->id];
    }

    /** @return array<string, array<string, string>> kinds by how they grow, the keeper's own first */
    public function kinds(): array
    {
        $groups = [];
        foreach ($this->tank->keeper->plantKinds as $own) {
            $groups[(string) __('plants.your_own')]['own-'.$own->id] = $own->name;
        }
        foreach (PlantCatalogue::all() as $key => $kind) {
            $groups[label($kind->form)][$key] = (string) __('plants.named', ['latin' => $kind->name, 'common' => __('plants.common.'.$key)]);
        }

        return $groups;
    }

    public function kind(): string
    {
        return match (true) {
            $this->record === null => '',
            $this->record->plant_kind_id !== null => 'own-'.$this->record->plant_kind_id,
            default => (string) $this->record->kind,
        };
    }

    public function ofKind(): ?PlantSpecies
    {
        return $this->record?->toKind();
    }

    /** @return list<array{id: int, day: string, when: string, before: string, after: string, unit: string}> the newest first, as they are typed */
    public function looks(): array
    {
        $text = fn(?float $value, bool $byCover): string => $value === null
            ? ''
            : ($byCover ? (string) round(100.0 * $value) : $this->show->levels()->show($value));
        $rows = [];
        foreach ($this->record?->looks()->reorder()->orderByDesc('happened_at')->orderByDesc('id')->limit(self::LISTED)->get() ?? [] as $look) {
            $byCover = $this->plantGroup !== null && $look->isOfCover($this->plantGroup->form);
            $rows[] = [
                'id' => $look->id, 'day' => $this->show->day($look->happened_at), 'when' => $this->show->local($look->happened_at)->format('Y-m-d\TH:i'),
                'before' => $text(
                    $byCover ? $look->cover_before : $look->before,
                    $byCover,
                ), 'after' => $text($byCover ? $look->cover : $look->height, $byCover), 'unit' => $byCover
                    ? '%'
                    : $this->show->levels()->label,
            ];
        }

        return $rows;
    }

    /** @return list<RootTab> root tabs, the newest first */
    public function rootTabs(): array
    {
        return array_values($this->record?->rootTabs()->reorder()->orderByDesc('placed_on')->orderByDesc('id')->limit(self::LISTED)->get()->all() ?? []);
    }

    /** @return array<string, string> edges in percent as they are typed */
    public function edges(): array
    {
        $record = $this->record;
        $percent = static fn(float $share): string => Show::plain(100.0 * $share, 1);

        return $record === null ? ['left' => '', 'right' => '', 'front' => '', 'back' => '']
            : [
                'left' => $percent($record->left_edge), 'right' => $percent($record->right_edge), 'front' => $percent($record->front_edge),
                'back' => $percent($record->back_edge),
            ];
    }

    public function length(?float $mm): string
    {
        return $mm === null ? '' : $this->show->levels()->show($mm);
    }

    public function wide(): float
    {
        return self::WIDE;
    }

    public function high(): float
    {
        $plan = VesselQuery::tank($this->tank)->plan;

        return round(self::WIDE * $plan->depth() / $plan->length(), 1);
    }

    /** Outline of the plan, front pane below. */
    public function outline(): string
    {
        $scale = self::WIDE / VesselQuery::tank($this->tank)->plan->length();

        return implode(
            ' ',
            array_map(
                static fn(array $point): string => round($point[0] * $scale, 1).','.round($point[1] * $scale, 1),
                VesselQuery::tank($this->tank)->plan->outline(),
            ),
        );
    }

    /** @return list<array{float, float, float, float, string}> x, y, width, height and name of the other stands */
    public function others(): array
    {
        $found = [];
        foreach ($this->tank->plantGroups as $plantGroup) {
            if ($plantGroup->id !== $this->record?->id) {
                $found[] = [
                    round(self::WIDE * $plantGroup->left_edge, 1), round($this->high() * (1.0 - $plantGroup->back_edge), 1), round(
                        self::WIDE * ($plantGroup->right_edge - $plantGroup->left_edge),
                        1,
                    ),
                    round($this->high() * ($plantGroup->back_edge - $plantGroup->front_edge), 1), $plantGroup->toKind()->name,
                ];
            }
        }

        return $found;
    }
}
