<?php

declare(strict_types=1);

namespace App\Plants;

use App\Models\LayoutIssue;
use App\Models\LayoutIssueState;
use App\Models\Photo;
use App\Models\Tank;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** A tank from its fixed spot: two days beside or over each other, the picture it is meant to become, and what is off against it. */
final readonly class PhotoSpotPage
{
    /** Photos and settled spots that are listed. */
    private const MOST = [60, 12];

    /** @var Collection<int, Photo> the newest first */
    public Collection $photos;

    public ?Photo $then;

    public ?Photo $now;

    public function __construct(public Tank $tank, ?int $then, ?int $now, public bool $isOver)
    {
        $all = Photo::query()->where('tank_id', $tank->id)->whereNotIn('id', DB::table('problem_photos')->select('photo_id'))
            ->where(static fn($photos) => $photos->whereNull('checklist_id')->orWhere('is_intent', true)->orWhereHas(
                'step',
                static fn($steps) => $steps->where('job', 'photo'),
            ))
            ->orderByDesc('taken_at')->orderByDesc('id')->limit(self::MOST[0])->get();
        $this->photos = $all;
        $intent = $all->firstWhere('is_intent', true);
        $newest = $all->firstWhere('is_intent', false);
        $this->now = $all->firstWhere('id', $now) ?? $newest ?? $intent;
        $this->then = $all->firstWhere('id', $then) ?? $intent ?? $all->first(fn(Photo $photo): bool => $photo->id !== $this->now?->id);
    }

    /** @return Collection<int, LayoutIssue> that are to be restored */
    public function open(): Collection
    {
        return LayoutIssue::query()->where('tank_id', $this->tank->id)->where('state', LayoutIssueState::Restore)->orderBy('id')->get();
    }

    /** @return Collection<int, LayoutIssue> the last that were settled */
    public function settled(): Collection
    {
        return LayoutIssue::query()->where('tank_id', $this->tank->id)->where('state', '!=', LayoutIssueState::Restore)->orderByDesc('settled_at')
            ->orderByDesc('id')->limit(self::MOST[1])->get();
    }
}
