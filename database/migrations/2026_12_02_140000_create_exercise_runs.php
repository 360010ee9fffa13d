<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shoots', function (Blueprint $table): void {
            // A plan that stands for an exercise; it is in no list of shoots.
            $table->string('exercise', 64)->default('');
        });
        Schema::create('exercise_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('shoot_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('owner_id')->nullable()->constrained('owners')->cascadeOnDelete();
            $table->string('exercise', 64)->index();
            $table->string('named', 64);
            $table->boolean('is_named');
            $table->boolean('is_mended');
            $table->boolean('breaks');
            $table->unsignedInteger('seconds');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('exercise_runs');
        Schema::dropColumns('shoots', ['exercise']);
    }
};
