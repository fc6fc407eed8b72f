<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Cresco\Core\Checklist\LayoutIssueKind;

/**
 * Something in a tank that is not as its keeper means it to be.
 *
 * @property int                  $id
 * @property int                  $tank_id
 * @property int|null             $checklist_id session that it was made a line of
 * @property LayoutIssueKind      $kind
 * @property string|null          $place
 * @property LayoutIssueState     $state
 * @property CarbonImmutable      $noted_at
 * @property CarbonImmutable|null $settled_at
 */
final class LayoutIssue extends Record
{
    public $timestamps = false;

    protected $table = 'layout_issues';

    protected $fillable = ['checklist_id', 'kind', 'place', 'state', 'noted_at', 'settled_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'tank_id' => 'integer', 'checklist_id' => 'integer', 'kind' => LayoutIssueKind::class, 'state' => LayoutIssueState::class,
            'noted_at' => 'immutable_datetime', 'settled_at' => 'immutable_datetime',
        ];
    }

    public function words(): string
    {
        return __('spot.'.$this->kind->value).($this->place === null || $this->place === '' ? '' : ': '.$this->place);
    }
}
