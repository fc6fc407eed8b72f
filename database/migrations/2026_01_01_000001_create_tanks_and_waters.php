<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('waters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('kind', 20);
            $table->string('note', 500)->nullable();
            $table->timestamps();
        });
        Schema::create('tanks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('shape', 20);
            // Lengths in mm; levels in mm below the rim.
            $table->double('outer_length');
            $table->double('outer_depth')->nullable();
            $table->double('middle_depth')->nullable();
            $table->double('outer_height')->nullable();
            $table->double('glass');
            $table->double('water_below_rim');
            $table->double('bed_back')->default(0);
            $table->double('bed_front')->default(0);
            $table->double('porosity')->default(0.42);
            $table->double('stone_kg')->default(0);
            $table->double('stone_height')->default(0);
            $table->double('wood_kg')->default(0);
            $table->double('wood_height')->default(0);
            $table->double('measured_litres')->nullable();
            $table->double('measured_spread')->nullable();
            $table->string('animals', 30);
            $table->double('fish_height')->default(0);
            $table->double('warmth')->default(24);
            $table->double('ph_set_point')->nullable();
            $table->double('nitrate_per_day')->default(1);
            $table->double('routine_share')->default(0.3);
            $table->unsignedSmallInteger('routine_days')->default(7);
            $table->foreignId('water_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('second_water_id')->nullable()->constrained('waters')->nullOnDelete();
            $table->double('second_share')->default(0);
            $table->date('started_on')->nullable();
            $table->timestamps();
        });
        Schema::create('devices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->double('top')->nullable();
            $table->double('bottom')->nullable();
            $table->unsignedTinyInteger('across')->default(50);
            $table->timestamps();
            $table->unique(['tank_id', 'kind']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('devices');
        Schema::dropIfExists('tanks');
        Schema::dropIfExists('waters');
    }
};
