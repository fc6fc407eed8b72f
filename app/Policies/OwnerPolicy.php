<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Analysis;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\Chore;
use App\Models\Entry;
use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Product;
use App\Models\Recipe;
use App\Models\Reservoir;
use App\Models\SourceWater;
use App\Models\Supply;
use App\Models\Tank;
use Illuminate\Auth\Access\Response;

/** A record is its keeper's alone; to anyone else it does not exist. */
final class OwnerPolicy
{
    public function view(Keeper $keeper, Tank|SourceWater|Checklist|Entry|Analysis|Product|Reservoir|Batch|Recipe|Photo|Chore|Supply|Helper $record): Response
    {
        return $this->owned($keeper, $record);
    }

    public function update(Keeper $keeper, Tank|SourceWater|Checklist|Entry|Analysis|Product|Reservoir|Batch|Recipe|Photo|Chore|Supply|Helper $record): Response
    {
        return $this->owned($keeper, $record);
    }

    public function delete(Keeper $keeper, Tank|SourceWater|Checklist|Entry|Analysis|Product|Reservoir|Batch|Recipe|Photo|Chore|Supply|Helper $record): Response
    {
        return $this->owned($keeper, $record);
    }

    private function owned(Keeper $keeper, Tank|SourceWater|Checklist|Entry|Analysis|Product|Reservoir|Batch|Recipe|Photo|Chore|Supply|Helper $record): Response
    {
        return $record->keeper_id === $keeper->id ? Response::allow() : Response::denyAsNotFound();
    }
}
