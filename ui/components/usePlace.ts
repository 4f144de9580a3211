'use client';
import { usePathname } from 'next/navigation';
import { placeOfAddress, type Place } from '../../core/build/places';

/** Where in the build the person is. */
export const usePlace = (): Place => placeOfAddress(usePathname());
